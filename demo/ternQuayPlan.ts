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
  plover | 11 08:20–08:32 | harbour/s1/w1/lay
  wren | 11 08:27–08:33 | store/cover
  plover | 11 08:32–08:36 | south/cover
  heron | 11 08:33–08:37 | recital/s2/w1/lay
  wren | 11 08:33–08:48 | store/s1/w1+w2+w3+w4/coat1
  plover | 11 08:36–08:42 | south/s1/w1/lay
  heron | 11 08:37–08:44 | recital/s2/w2~1/lay
  plover | 11 08:42–09:27 | harbour/s1/w1/coat1
  heron | 11 08:44–08:48 | recital/s2/w2~2/lay
  heron | 11 08:48–08:56 | recital/s2/w3+w4+w5+w6/lay
  heron | 11 08:56–09:13 | recital/s2/w1/coat1
  heron | 11 09:13–09:15 | recital/s2/w2~1/bead
  heron | 11 09:15–09:33 | recital/s2/w2~1/coat1
  heron | 11 09:33–09:35 | recital/s2/w2~1/pull
  plover | 11 09:27–09:49 | south/s1/w1/coat1
  heron | 11 09:35–09:44 | recital/s2/w2~2/coat1
  heron | 11 09:44–10:10 | recital/s2/w3+w4+w5+w6/coat1
  wren | 11 10:09–10:36 | kitchen/smooth
  wren | 11 10:36–10:53 | kitchen/s1/w2/lay
  wren | 11 10:53–11:08 | kitchen/s1/gun-up
  wren | 11 11:08–11:36 | kitchen/s1/w2/coat1
  wren | 11 12:00–12:15 | kitchen/s1/gun-down1
  wren | 11 12:15–15:33 | corridor/s2/w1+w2+w3+w4/coat1
  plover | 11 12:43–12:44 | harbour/s1/w1/seal
  plover | 11 12:53–13:38 | harbour/s1/w1/coat2
  plover | 11 14:00–14:22 | south/s1/w1/coat2
  heron | 12 06:45–07:12 | practice2/s3/w1+w2+w3+w4/lay
  heron | 12 07:12–08:06 | practice2/s3/w1+w2+w3+w4/coat1
  wren | 12 07:15–07:43 | practice1/s3/w1+w2+w3/lay
  wren | 12 07:43–07:49 | practice1/s3/w4/lay
  wren | 12 07:49–08:41 | practice1/s3/w1+w2+w3/coat1
  heron | 12 08:06–08:20 | recital/s3/w1/lay
  plover | 12 08:15–08:18 | harbour/s1/w1/pull
  plover | 12 08:18–08:57 | harbour/s2/w1/lay
  heron | 12 08:20–08:31 | recital/s3/w2+w4/lay
  heron | 12 08:31–08:40 | recital/s3/w5+w6/lay
  heron | 12 08:40–09:12 | recital/s3/w1/coat1
  wren | 12 08:41–08:58 | practice1/s3/w4/coat1
  plover | 12 08:57–09:07 | harbour/s2/cover
  wren | 12 08:58–09:13 | kitchen/s1/gun-up1
  plover | 12 09:07–09:09 | south/s1/w1/pull
  plover | 12 09:09–09:28 | south/s2/w1/lay
  heron | 12 09:12–09:30 | recital/s3/w2+w4/coat1
  wren | 12 09:13–09:41 | kitchen/s1/w2/coat2
  plover | 12 09:28–09:33 | south/s2/cover
  heron | 12 09:30–09:51 | recital/s3/w5+w6/coat1
  wren | 12 09:41–09:56 | kitchen/s1/gun-down
  plover ×1 | 12 09:56–10:11 | harbour/s2/gun-up
  wren | 12 09:56–10:13 | store/s3/w1+w2+w4/lay
  plover ×1 | 12 10:11–10:46 | harbour/s2/w1/coat1
  wren | 12 10:13–10:17 | store/s3/w1+w2+w4/bead
  wren | 12 10:17–10:24 | store/s3/w1+w2+w4/coat1
  wren | 12 10:24–10:28 | store/s3/w1+w2+w4/pull
  wren | 12 10:28–10:38 | store/s3/w1/roll1
  wren | 12 10:38–10:49 | store/s3/w2/roll1
  wren | 12 10:49–11:00 | store/s3/w4/roll1
  wren | 12 12:00–15:18 | corridor/s2/w1+w2+w3+w4/coat2
  plover ×1 | 12 12:46–13:21 | harbour/s2/w1/coat2
  heron | 12 12:59–13:04 | practice2/s3/w1+w2+w3+w4/bead
  heron | 12 13:04–13:14 | practice2/s3/w1+w2+w3+w4/coat2
  heron | 12 13:14–13:19 | practice2/s3/w1+w2+w3+w4/pull
  heron | 12 13:19–13:32 | practice2/s3/w1/roll2
  heron | 12 13:32–13:42 | practice2/s3/w2/roll2
  heron | 12 13:42–13:55 | practice2/s3/w3/roll2
  heron | 12 13:55–14:05 | practice2/s3/w4/roll2
  plover ×1 | 12 14:00–14:20 | south/s2/w1/coat1
  plover ×1 | 12 14:20–14:35 | harbour/s2/gun-down1
  heron | 13 06:45–07:06 | practice2/look
  heron | 13 07:06–07:09 | practice2/uncover
  heron | 13 07:09–07:12 | recital/s3/w1/bead
  heron | 13 07:12–07:17 | recital/s3/w1/coat2
  heron | 13 07:17–07:20 | recital/s3/w1/pull
  heron | 13 07:20–07:48 | recital/s3/w1/roll2
  wren | 13 07:15–07:21 | practice1/s3/w1+w2+w3/bead
  wren | 13 07:21–07:32 | practice1/s3/w1+w2+w3/coat2
  wren | 13 07:32–07:38 | practice1/s3/w1+w2+w3/pull
  wren | 13 07:38–07:52 | practice1/s3/w1/roll2
  wren | 13 07:52–08:07 | practice1/s3/w2/roll2
  wren | 13 08:07–08:21 | practice1/s3/w3/roll2
  heron | 13 07:48–07:50 | recital/s3/w2+w4/bead
  heron | 13 07:50–08:08 | recital/s3/w2+w4/coat2
  heron | 13 08:08–08:10 | recital/s3/w2+w4/pull
  heron | 13 08:10–08:12 | recital/s3/w5+w6/bead
  heron | 13 08:12–08:33 | recital/s3/w5+w6/coat2
  heron | 13 08:33–08:35 | recital/s3/w5+w6/pull
  plover | 13 08:15–08:22 | harbour/s2/w1/pull
  wren | 13 08:21–08:23 | practice1/s3/w4/bead
  wren | 13 08:23–08:27 | practice1/s3/w4/coat2
  wren | 13 08:27–08:29 | practice1/s3/w4/pull
  wren | 13 08:29–08:44 | practice1/s3/w4/roll2
  plover | 13 08:22–08:25 | harbour/s2/uncover
  plover | 13 08:25–08:27 | harbour/uncover
  plover ×1 | 13 10:31–10:46 | harbour/s2/gun-up1
  heron | 13 08:35–08:43 | recital/s5/mark
  wren | 13 08:44–09:14 | corridor/s3/w1/lay
  wren | 13 09:14–09:47 | corridor/s3/w2+w3/lay
  wren | 13 09:47–09:51 | corridor/s3/w4/lay
  wren | 13 09:51–10:39 | corridor/s3/w1/coat1
  wren | 13 10:39–11:34 | corridor/s3/w2+w3/coat1
  plover ×1 | 13 11:00–11:20 | south/s2/w1/coat2
  plover ×1 | 13 11:20–11:35 | south/s2/gun-down
  wren | 13 12:00–12:24 | practice1/look
  wren | 13 12:24–12:27 | practice1/uncover
  wren | 13 12:27–12:37 | corridor/s3/w4/coat1
  wren | 13 12:37–12:41 | kitchen/s1/w2/pull
  wren | 13 12:41–12:54 | kitchen/s3/w1/lay
  wren | 13 12:54–13:06 | kitchen/s3/w2/lay
  wren | 13 13:06–13:17 | kitchen/s3/w3/lay
  wren | 13 13:17–13:23 | kitchen/s3/w4/lay
  wren | 13 13:23–13:43 | kitchen/s3/w1/coat1
  wren | 13 13:43–14:02 | kitchen/s3/w2/coat1
  wren | 13 14:02–14:22 | kitchen/s3/w3/coat1
  wren | 13 14:22–14:39 | kitchen/s3/w4/coat1
  wren | 13 14:39–14:48 | store/look
  plover | 13 14:43–14:47 | south/s2/w1/pull
  plover | 13 14:47–14:49 | south/s2/uncover
  wren | 13 14:48–14:50 | store/uncover
  plover | 13 14:49–14:51 | south/uncover
  heron | 14 06:45–07:06 | recital/s5/w1+w2+w3+w4+w5+w6/lay
  heron | 14 07:06–07:34 | recital/s5/w1+w2+w3+w4+w5+w6/coat1
  wren | 14 07:15–07:37 | corridor/s2/w1+w2+w3+w4/peel
  wren | 14 07:37–07:43 | corridor/s3/w1/bead
  wren | 14 07:43–07:54 | corridor/s3/w1/coat2
  wren | 14 07:54–08:00 | corridor/s3/w1/pull
  wren | 14 08:00–08:37 | corridor/s3/w1/roll2
  plover | 13 08:42–09:00 | harbour/look
  plover | 13 14:51–15:00 | south/look
  wren | 14 08:37–08:43 | corridor/s3/w2+w3/bead
  wren | 14 08:43–08:55 | corridor/s3/w2+w3/coat2
  wren | 14 08:55–09:01 | corridor/s3/w2+w3/pull
  wren | 14 09:01–09:04 | corridor/s3/w2/roll2
  wren | 14 09:04–09:45 | corridor/s3/w3/roll2
  wren | 14 09:45–09:46 | corridor/s3/w4/bead
  wren | 14 09:46–09:51 | corridor/s3/w4/coat2
  wren | 14 09:51–09:52 | corridor/s3/w4/pull
  wren | 14 09:52–10:01 | corridor/s3/w4/roll2
  wren | 14 10:01–10:05 | corridor/s2/w1+w2+w3+w4/pull-floor
  wren | 14 10:05–10:08 | kitchen/s3/w1/bead
  wren | 14 10:08–10:28 | kitchen/s3/w1/coat2
  wren | 14 10:28–10:31 | kitchen/s3/w1/pull
  wren | 14 10:31–10:34 | kitchen/s3/w2/bead
  wren | 14 10:34–10:53 | kitchen/s3/w2/coat2
  wren | 14 10:53–10:56 | kitchen/s3/w2/pull
  wren | 14 10:56–10:58 | kitchen/s3/w3/bead
  wren | 14 10:58–11:18 | kitchen/s3/w3/coat2
  wren | 14 11:18–11:20 | kitchen/s3/w3/pull
  wren | 14 11:20–11:21 | kitchen/s3/w4/bead
  wren | 14 11:21–11:38 | kitchen/s3/w4/coat2
  wren | 14 11:38–11:39 | kitchen/s3/w4/pull
  wren | 14 12:00–13:13 | corridor/look
  wren | 14 13:13–13:20 | corridor/uncover
  wren | 14 13:20–13:35 | kitchen/look
  wren | 14 13:35–13:39 | kitchen/uncover
  heron | 14 14:08–14:13 | recital/s5/w1+w2+w3+w4+w5+w6/bead
  heron | 14 14:13–14:22 | recital/s5/w1+w2+w3+w4+w5+w6/coat2
  heron | 14 14:22–14:27 | recital/s5/w1+w2+w3+w4+w5+w6/pull
  heron | 14 14:27–14:33 | recital/s5/w1/roll2
  heron | 14 14:33–14:38 | recital/s5/w2/roll2
  heron | 14 14:38–14:42 | recital/s5/w3/roll2
  heron | 14 14:42–14:44 | recital/s5/w4/roll2
  heron | 14 14:44–14:47 | recital/s5/w5/roll2
  heron | 14 14:47–14:51 | recital/s5/w6/roll2
  heron | 17 06:45–06:56 | recital/s4/w3/lay
  heron | 17 06:56–07:19 | recital/s4/w3/coat1
  heron | 17 12:29–12:31 | recital/s4/w3/bead
  heron | 17 12:31–12:35 | recital/s4/w3/coat2
  heron | 17 12:35–12:37 | recital/s4/w3/pull
  heron | 17 12:37–12:56 | recital/s4/w3/roll2
  heron | 17 12:56–12:57 | recital/s2/w1/pull-floor
  heron | 17 12:57–12:58 | recital/s2/w2~2/pull-floor
  heron | 17 12:58–13:00 | recital/s2/w3+w4+w5+w6/pull-floor
  heron | 17 14:22–14:45, 18 06:45–07:01 | recital/look
  heron | 18 07:01–07:16 | recital/uncover
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
