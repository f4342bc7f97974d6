import { api, ApiError } from '../office/api'
import { deviceStore } from './index'
import type { Sayer } from './store'

/** No side of a picture is longer when it goes out, px: a hair crack is still to be seen. From memory. */
const LONGEST_PX = 1600
const QUALITY = 0.82
/** The service worker's own cache of pictures: what is put there is shown without a line. */
const CACHE = 'photos'

/** Puts a picture down to be sent, scaled, and shows it on this device at once. @throws where the device has no room left, or it is no picture */
export async function putPhoto(jobId: string, photoId: string, file: Blob, who: Sayer | null): Promise<void> {
  const small = await scaled(file)
  if ('caches' in globalThis) {
    const cache = await caches.open(CACHE)
    await cache.put(api.photoUrl(jobId, photoId), new Response(small, { headers: { 'content-type': small.type } }))
  }
  await deviceStore().put(jobId, [{ kind: 'photo', photoId, file: small }], who)
}

/** A picture no larger than is worth sending. @throws ApiError photo.not_a_picture */
async function scaled(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new ApiError({ code: 'photo.not_a_picture', message: '', facts: {}, place: null }, 415)
  })
  const share = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * share))
  canvas.height = Math.max(1, Math.round(picture.height * share))
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  const made = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  return made && made.size < file.size ? made : file
}
