import { mkdir, readFile, rename, stat, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { FastifyPluginAsync } from 'fastify'
import type { JobTable } from '../db/jobs'
import { ALL, forRoles } from '../people/access'
import { ServerError } from '../errors'

/** Pictures larger than this are refused; a phone's own size fits. */
const PHOTO_LIMIT_BYTES = 8 * 1024 * 1024

/** The kinds that are kept, told by their first bytes rather than by what the request says. */
const KINDS = [
  { type: 'image/png', is: (data: Buffer) => data.subarray(0, 8).equals(Buffer.from('89504e470d0a1a0a', 'hex')) },
  { type: 'image/jpeg', is: (data: Buffer) => data.subarray(0, 3).equals(Buffer.from('ffd8ff', 'hex')) },
  {
    type: 'image/webp',
    is: (data: Buffer) => data.toString('latin1', 0, 4) === 'RIFF' && data.toString('latin1', 8, 12) === 'WEBP',
  },
] as const

interface PhotoRoutesOptions {
  readonly jobs: JobTable
  /** Folder pictures are kept in; null keeps none. */
  readonly folder: string | null
}

type OnePhoto = { Params: { jobId: string; photoId: string } }

/** PUT and GET /jobs/:jobId/photos/:photoId — pictures in the data folder, by ids made on the device. */
export const photoRoutes: FastifyPluginAsync<PhotoRoutesOptions> = async (app, { jobs, folder }) => {
  app.addContentTypeParser(/^image\//, { parseAs: 'buffer', bodyLimit: PHOTO_LIMIT_BYTES }, (_request, body, done) =>
    done(null, body),
  )
  const placeOf = ({ jobId, photoId }: OnePhoto['Params']) => {
    if (!folder) throw new ServerError('photo.no_folder')
    if (!/^[\w-]{1,80}$/.test(photoId)) throw new ServerError('photo.bad_id', { photo: photoId })
    if (!jobs.has(jobId)) throw new ServerError('job.not_found', { job: jobId })
    // Job ids may hold signs that are none of a file's name.
    return join(folder, encodeURIComponent(jobId), photoId)
  }
  app.put<OnePhoto>('/jobs/:jobId/photos/:photoId', forRoles(ALL), async ({ params, body }, reply) => {
    const path = placeOf(params)
    if (!Buffer.isBuffer(body) || !KINDS.some((kind) => kind.is(body))) throw new ServerError('photo.not_a_picture')
    await mkdir(join(path, '..'), { recursive: true })
    // Written beside and moved, so that a cut-off upload never stands as a picture.
    await writeFile(`${path}.part`, body)
    await rename(`${path}.part`, path)
    return reply.code(201).send({ bytes: body.length })
  })
  app.get<OnePhoto>('/jobs/:jobId/photos/:photoId', forRoles(ALL), async ({ params }, reply) => {
    const path = placeOf(params)
    const found = await stat(path).catch(() => null)
    if (!found) throw new ServerError('photo.not_found', { photo: params.photoId })
    const data = await readFile(path)
    const kind = KINDS.find((each) => each.is(data))
    return reply
      .header('content-type', kind?.type ?? 'application/octet-stream')
      .header('x-content-type-options', 'nosniff')
      .header('cache-control', 'private, max-age=31536000, immutable')
      .send(data)
  })
}
