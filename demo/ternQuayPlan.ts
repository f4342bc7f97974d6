import { formatInstant, parseInstant, type PublishedTask } from '@crisp-hem/core'

/**
 * What the crews of Tern Quay were told on the first morning: who, on which day of May 2027 from when to when (UTC), what. Written down
 * rather than made, so that the demo's story stays as it is told when the engine finds something better.
 */
const TOLD = `
  heron | 11 06:45–06:52 | practice2/cover
  heron | 11 06:52–07:24 | recital/cover
  wren | 11 07:15–07:23 | practice1/cover
  wren | 11 07:23–07:42 | corridor/cover
  heron | 11 07:24–08:33 | recital/s1/w1+w2+w3+w4+w5+w6/coat1
  wren | 11 07:42–08:05 | corridor/s2/w1+w2+w3+w4/lay
  wren | 11 08:05–08:16 | kitchen/cover
  plover | 11 08:15–08:20 | harbour/cover
  wren | 11 08:16–08:27 | kitchen/prep
  plover | 11 08:20–08:24 | south/cover
  wren | 11 08:27–08:33 | store/cover
  heron | 11 08:33–08:37 | recital/s2/w1/lay
  wren | 11 08:33–08:48 | store/s1/w1+w2+w3+w4/coat1
  heron | 11 08:37–08:41 | recital/s2/w2~1/lay
  heron | 11 08:41–08:45 | recital/s2/w2~2/lay
  heron | 11 08:45–08:49 | recital/s2/w2~3/lay
  heron | 11 08:49–08:57 | recital/s2/w3+w4+w5+w6/lay
  heron | 11 08:57–09:14 | recital/s2/w1/coat1
  heron | 11 09:14–09:15 | recital/s2/w2~1/bead
  heron | 11 09:15–09:24 | recital/s2/w2~1/coat1
  heron | 11 09:24–09:25 | recital/s2/w2~1/pull
  heron | 11 09:25–09:26 | recital/s2/w2~2/bead
  heron | 11 09:26–09:35 | recital/s2/w2~2/coat1
  heron | 11 09:35–09:36 | recital/s2/w2~2/pull
  heron | 11 09:36–09:45 | recital/s2/w2~3/coat1
  heron | 11 09:45–10:11 | recital/s2/w3+w4+w5+w6/coat1
  wren | 11 09:51–10:18 | kitchen/smooth
  plover | 11 10:00–10:06 | south/s1/w1/lay
  plover | 11 10:06–10:28 | south/s1/w1/coat1
  wren | 11 10:18–10:35 | kitchen/s1/w2/lay
  wren | 11 10:35–10:50 | kitchen/s1/gun-up
  wren | 11 10:50–11:18 | kitchen/s1/w2/coat1
  plover | 11 11:00–11:12 | harbour/s1/w1/lay
  wren | 11 11:18–11:33 | kitchen/s1/gun-down1
  wren | 11 12:00–15:18 | corridor/s2/w1+w2+w3+w4/coat1
  plover | 11 12:00–12:45 | harbour/s1/w1/coat1
  plover | 11 14:46–14:47 | harbour/s1/w1/seal
  heron | 12 06:45–07:12 | practice2/s3/w1+w2+w3+w4/lay
  heron | 12 07:12–08:06 | practice2/s3/w1+w2+w3+w4/coat1
  wren | 12 07:15–07:33 | practice1/s3/w1+w2/lay
  wren | 12 07:33–07:50 | practice1/s3/w3+w4/lay
  wren | 12 07:50–08:24 | practice1/s3/w1+w2/coat1
  heron | 12 08:06–08:20 | recital/s3/w1/lay
  heron | 12 08:20–08:31 | recital/s3/w2+w4/lay
  wren | 12 08:24–08:58 | practice1/s3/w3+w4/coat1
  heron | 12 08:31–08:35 | recital/s3/w5/lay
  heron | 12 08:35–08:40 | recital/s3/w6/lay
  heron | 12 08:40–09:12 | recital/s3/w1/coat1
  wren | 12 08:58–09:13 | kitchen/s1/gun-up1
  heron | 12 09:12–09:30 | recital/s3/w2+w4/coat1
  wren | 12 09:13–09:41 | kitchen/s1/w2/coat2
  heron | 12 09:30–09:40 | recital/s3/w5/coat1
  heron | 12 09:40–09:52 | recital/s3/w6/coat1
  wren | 12 09:41–09:56 | kitchen/s1/gun-down
  wren | 12 09:56–10:13 | store/s3/w1+w2+w4/lay
  plover | 12 10:00–10:22 | south/s1/w1/coat2
  wren | 12 10:13–10:17 | store/s3/w1+w2+w4/bead
  wren | 12 10:17–10:24 | store/s3/w1+w2+w4/coat1
  wren | 12 10:24–10:28 | store/s3/w1+w2+w4/pull
  wren | 12 10:28–10:38 | store/s3/w1/roll1
  wren | 12 10:38–10:49 | store/s3/w2/roll1
  wren | 12 10:49–11:00 | store/s3/w4/roll1
  plover | 12 11:00–11:45 | harbour/s1/w1/coat2
  wren | 12 12:00–15:18 | corridor/s2/w1+w2+w3+w4/coat2
  heron | 12 12:59–13:04 | practice2/s3/w1+w2+w3+w4/bead
  heron | 12 13:04–13:14 | practice2/s3/w1+w2+w3+w4/coat2
  heron | 12 13:14–13:19 | practice2/s3/w1+w2+w3+w4/pull
  heron | 12 13:19–13:32 | practice2/s3/w1/roll2
  heron | 12 13:32–13:42 | practice2/s3/w2/roll2
  heron | 12 13:42–13:55 | practice2/s3/w3/roll2
  heron | 12 13:55–14:05 | practice2/s3/w4/roll2
  heron | 12 14:21–14:24 | recital/s3/w1/bead
  heron | 12 14:24–14:29 | recital/s3/w1/coat2
  heron | 12 14:29–14:32 | recital/s3/w1/pull
  heron | 12 14:32–15:00 | recital/s3/w1/roll2
  plover | 12 14:52–14:54 | south/s1/w1/pull
  heron | 13 06:45–07:17 | practice2/look
  wren | 13 07:15–07:19 | practice1/s3/w1+w2/bead
  heron | 13 07:17–07:20 | practice2/uncover
  wren | 13 07:19–07:26 | practice1/s3/w1+w2/coat2
  heron | 13 07:20–07:22 | recital/s3/w2+w4/bead
  heron | 13 07:22–07:40 | recital/s3/w2+w4/coat2
  wren | 13 07:26–07:30 | practice1/s3/w1+w2/pull
  wren | 13 07:30–07:44 | practice1/s3/w1/roll2
  heron | 13 07:40–07:42 | recital/s3/w2+w4/pull
  heron | 13 07:42–07:43 | recital/s3/w5/bead
  heron | 13 07:43–07:53 | recital/s3/w5/coat2
  wren | 13 07:44–07:59 | practice1/s3/w2/roll2
  heron | 13 07:53–07:54 | recital/s3/w5/pull
  heron | 13 07:54–07:55 | recital/s3/w6/bead
  heron | 13 07:55–08:07 | recital/s3/w6/coat2
  wren | 13 07:59–08:02 | practice1/s3/w3+w4/bead
  wren | 13 08:02–08:08 | practice1/s3/w3+w4/coat2
  heron | 13 08:07–08:08 | recital/s3/w6/pull
  wren | 13 08:08–08:11 | practice1/s3/w3+w4/pull
  heron | 13 08:08–08:16 | recital/s5/mark
  wren | 13 08:11–08:25 | practice1/s3/w3/roll2
  plover | 13 08:15–08:18 | harbour/s1/w1/pull
  wren | 13 08:25–08:40 | practice1/s3/w4/roll2
  wren | 13 08:40–09:10 | corridor/s3/w1/lay
  wren | 13 09:10–09:17 | corridor/s3/w2/lay
  wren | 13 09:17–09:47 | corridor/s3/w3+w4/lay
  wren | 13 09:47–10:35 | corridor/s3/w1/coat1
  plover | 13 10:00–10:19 | south/s2/w1/lay
  plover | 13 10:19–10:24 | south/s2/cover
  wren | 13 10:35–11:13 | practice1/look
  plover | 13 11:00–11:30, 13 12:00–12:09 | harbour/s2/w1/lay
  wren | 13 11:13–11:16 | practice1/uncover
  wren | 13 11:16–11:21 | corridor/s3/w2/coat1
  wren | 13 11:21–11:25 | kitchen/s1/w2/pull
  wren | 13 12:00–12:59 | corridor/s3/w3+w4/coat1
  plover | 13 12:09–12:19 | harbour/s2/cover
  plover ×1 | 13 12:19–12:34 | harbour/s2/gun-up
  plover ×1 | 13 12:34–13:09 | harbour/s2/w1/coat1
  wren | 13 12:59–13:24 | kitchen/s3/w1+w2/lay
  plover ×1 | 13 13:09–13:29 | south/s2/w1/coat1
  wren | 13 13:24–13:35 | kitchen/s3/w3/lay
  wren | 13 13:35–13:41 | kitchen/s3/w4/lay
  wren | 13 13:41–14:19 | kitchen/s3/w1+w2/coat1
  wren | 13 14:19–14:39 | kitchen/s3/w3/coat1
  wren | 13 14:39–14:56 | kitchen/s3/w4/coat1
  wren | 13 14:56–15:09 | store/look
  plover ×1 | 13 14:59–15:19 | south/s2/w1/coat2
  wren | 13 15:09–15:11 | store/uncover
  plover ×1 | 13 15:19–15:34 | harbour/s2/gun-down1
  heron | 14 06:45–07:06 | recital/s5/w1+w2+w4+w5+w6/lay
  heron | 14 07:06–07:34 | recital/s5/w1+w2+w4+w5+w6/coat1
  wren | 14 07:15–07:37 | corridor/s2/w1+w2+w3+w4/peel
  wren | 14 07:37–07:43 | corridor/s3/w1/bead
  wren | 14 07:43–07:54 | corridor/s3/w1/coat2
  wren | 14 07:54–08:00 | corridor/s3/w1/pull
  wren | 14 08:00–08:37 | corridor/s3/w1/roll2
  plover ×2 | 14 08:15–08:21 | south/s2/w1/pull
  plover ×2 | 14 08:21–08:24 | south/s2/uncover
  plover ×2 | 14 08:24–08:27 | south/uncover
  plover | 14 08:30–08:46 | south/look
  wren | 14 08:37–08:39 | corridor/s3/w2/bead
  wren | 14 08:39–08:43 | corridor/s3/w2/coat2
  wren | 14 08:43–08:45 | corridor/s3/w2/pull
  wren | 14 08:45–08:48 | corridor/s3/w2/roll2
  wren | 14 08:48–08:54 | corridor/s3/w3+w4/bead
  wren | 14 08:54–09:05 | corridor/s3/w3+w4/coat2
  wren | 14 09:05–09:11 | corridor/s3/w3+w4/pull
  wren | 14 09:11–09:52 | corridor/s3/w3/roll2
  wren | 14 09:52–10:01 | corridor/s3/w4/roll2
  wren | 14 10:01–10:05 | corridor/s2/w1+w2+w3+w4/pull-floor
  wren | 14 10:05–10:10 | kitchen/s3/w1+w2/bead
  wren | 14 10:10–10:20 | kitchen/s3/w1+w2/coat2
  wren | 14 10:20–10:25 | kitchen/s3/w1+w2/pull
  wren | 14 10:25–10:41 | kitchen/s3/w1/roll2
  plover ×1 | 14 10:31–10:46 | harbour/s2/gun-up1
  wren | 14 10:41–10:55 | kitchen/s3/w2/roll2
  wren | 14 10:55–10:57 | kitchen/s3/w3/bead
  wren | 14 10:57–11:02 | kitchen/s3/w3/coat2
  plover ×1 | 14 11:00–11:35 | harbour/s2/w1/coat2
  wren | 14 11:02–11:04 | kitchen/s3/w3/pull
  wren | 14 11:04–11:20 | kitchen/s3/w3/roll2
  wren | 14 11:20–11:30, 14 12:00–13:38 | corridor/look
  plover ×1 | 14 12:00–12:15 | south/s2/gun-down
  heron | 14 13:09–13:14 | recital/s5/w1+w2+w4+w5+w6/bead
  heron | 14 13:14–13:23 | recital/s5/w1+w2+w4+w5+w6/coat2
  heron | 14 13:23–13:28 | recital/s5/w1+w2+w4+w5+w6/pull
  heron | 14 13:28–13:36 | recital/s5/w2/roll2
  wren | 14 13:38–13:45 | corridor/uncover
  heron | 14 13:36–13:39 | recital/s5/w4/roll2
  heron | 14 13:39–13:44 | recital/s5/w5/roll2
  wren | 14 13:45–13:46 | kitchen/s3/w4/bead
  wren | 14 13:46–14:03 | kitchen/s3/w4/coat2
  heron | 14 13:44–13:50 | recital/s5/w6/roll2
  wren | 14 14:03–14:04 | kitchen/s3/w4/pull
  plover | 14 15:08–15:15 | harbour/s2/w1/pull
  plover | 14 15:15–15:18 | harbour/s2/uncover
  plover | 14 15:18–15:20 | harbour/uncover
  plover | 14 15:20–15:45, 17 08:15–08:16 | harbour/look
  heron | 17 06:45–06:56 | recital/s4/w3/lay
  heron | 17 06:56–07:19 | recital/s4/w3/coat1
  wren | 17 07:15–07:35 | kitchen/look
  wren | 17 07:35–07:39 | kitchen/uncover
  heron | 17 11:35–11:37 | recital/s4/w3/bead
  heron | 17 11:37–11:41 | recital/s4/w3/coat2
  heron | 17 11:41–11:43 | recital/s4/w3/pull
  heron | 17 11:43–12:02 | recital/s4/w3/roll2
  heron | 17 12:02–12:03 | recital/s2/w1/pull-floor
  heron | 17 12:03–12:04 | recital/s2/w2~3/pull-floor
  heron | 17 12:04–12:06 | recital/s2/w3+w4+w5+w6/pull-floor
  heron | 17 13:13–14:08 | recital/look
  heron | 17 14:08–14:23 | recital/uncover
`

/** The told plan, task by task. */
export const ternQuayTold = (): PublishedTask[] => TOLD.trim().split('\n').map(toldTask)

function toldTask(line: string): PublishedTask {
  const [who = '', when = '', taskId = ''] = line.split('|').map((part) => part.trim())
  const [crewId = '', hands] = who.split(' ×')
  const pieces = when.split(', ').map((piece) => {
    const [day = '', span = ''] = piece.split(' ')
    const [from, to] = span.split('–').map((at) => formatInstant(parseInstant(`2027-05-${day}T${at}:00Z`)))
    if (!from || !to) throw new Error(`demo/ternQuayPlan.ts: "${line}" is not who | day from–to | task`)
    return { from, to }
  })
  const [first, last] = [pieces[0], pieces.at(-1)]
  if (!first || !last) throw new Error(`demo/ternQuayPlan.ts: "${line}" has no time`)
  return {
    taskId,
    crewId,
    hands: hands === undefined ? null : Number(hands),
    from: first.from,
    to: last.to,
    pieces,
  }
}
