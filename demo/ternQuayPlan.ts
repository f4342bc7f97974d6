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
  heron | 13 06:45–07:10 | practice2/look
  heron | 13 07:10–07:13 | practice2/uncover
  heron | 13 07:13–07:14 | recital/s3/w5/bead
  heron | 13 07:14–07:24 | recital/s3/w5/coat2
  wren | 13 07:15–07:18 | practice1/s3/w3+w4/bead
  wren | 13 07:18–07:24 | practice1/s3/w3+w4/coat2
  wren | 13 07:24–07:27 | practice1/s3/w3+w4/pull
  heron | 13 07:24–07:25 | recital/s3/w5/pull
  heron | 13 07:25–07:26 | recital/s3/w6/bead
  heron | 13 07:26–07:38 | recital/s3/w6/coat2
  wren | 13 07:27–07:41 | practice1/s3/w3/roll2
  heron | 13 07:38–07:39 | recital/s3/w6/pull
  heron | 13 07:39–07:41 | recital/s3/w2+w4/bead
  wren | 13 07:41–07:56 | practice1/s3/w4/roll2
  heron | 13 07:41–07:59 | recital/s3/w2+w4/coat2
  wren | 13 07:56–08:00 | practice1/s3/w1+w2/bead
  heron | 13 07:59–08:01 | recital/s3/w2+w4/pull
  wren | 13 08:00–08:07 | practice1/s3/w1+w2/coat2
  heron | 13 08:01–08:09 | recital/s5/mark
  wren | 13 08:07–08:11 | practice1/s3/w1+w2/pull
  wren | 13 08:11–08:25 | practice1/s3/w1/roll2
  wren | 13 08:25–08:40 | practice1/s3/w2/roll2
  wren | 13 08:40–08:47 | corridor/s3/w2/lay
  wren | 13 08:47–08:52 | corridor/s3/w2/coat1
  wren | 13 08:52–09:22 | corridor/s3/w1/lay
  wren | 13 09:22–10:10 | corridor/s3/w1/coat1
  wren | 13 10:10–10:40 | corridor/s3/w3+w4/lay
  wren | 13 10:40–11:39 | corridor/s3/w3+w4/coat1
  wren | 13 12:00–12:28 | practice1/look
  wren | 13 12:28–12:31 | practice1/uncover
  wren | 13 12:31–12:35 | kitchen/s1/w2/pull
  wren | 13 12:35–13:00 | kitchen/s3/w1+w2/lay
  wren | 13 13:00–13:38 | kitchen/s3/w1+w2/coat1
  wren | 13 13:38–13:49 | kitchen/s3/w3/lay
  wren | 13 13:49–14:09 | kitchen/s3/w3/coat1
  wren | 13 14:09–14:15 | kitchen/s3/w4/lay
  wren | 13 14:15–14:32 | kitchen/s3/w4/coat1
  heron | 14 06:45–07:06 | recital/s5/w1+w2+w3+w4+w5+w6/lay
  heron | 14 07:06–07:34 | recital/s5/w1+w2+w3+w4+w5+w6/coat1
  wren | 14 07:15–07:25 | store/look
  wren | 14 07:25–07:27 | store/uncover
  wren | 14 07:27–07:29 | corridor/s3/w2/bead
  wren | 14 07:29–07:33 | corridor/s3/w2/coat2
  wren | 14 07:33–07:35 | corridor/s3/w2/pull
  wren | 14 07:35–07:38 | corridor/s3/w2/roll2
  wren | 14 07:38–07:44 | corridor/s3/w1/bead
  wren | 14 07:44–07:55 | corridor/s3/w1/coat2
  wren | 14 07:55–08:01 | corridor/s3/w1/pull
  wren | 14 08:01–08:38 | corridor/s3/w1/roll2
  plover | 14 08:15–08:18 | harbour/s1/w1/pull
  wren | 14 08:38–08:44 | corridor/s3/w3+w4/bead
  wren | 14 08:44–08:55 | corridor/s3/w3+w4/coat2
  wren | 14 08:55–09:01 | corridor/s3/w3+w4/pull
  wren | 14 09:01–09:42 | corridor/s3/w3/roll2
  wren | 14 09:42–09:51 | corridor/s3/w4/roll2
  wren | 14 09:51–09:55 | corridor/s2/w1+w2+w3+w4/pull-floor
  wren | 14 09:55–10:00 | kitchen/s3/w1+w2/bead
  wren | 14 10:00–10:10 | kitchen/s3/w1+w2/coat2
  wren | 14 10:10–10:15 | kitchen/s3/w1+w2/pull
  wren | 14 10:15–10:31 | kitchen/s3/w1/roll2
  wren | 14 10:31–10:45 | kitchen/s3/w2/roll2
  wren | 14 10:45–10:47 | kitchen/s3/w3/bead
  wren | 14 10:47–10:52 | kitchen/s3/w3/coat2
  wren | 14 10:52–10:54 | kitchen/s3/w3/pull
  wren | 14 10:54–11:10 | kitchen/s3/w3/roll2
  wren | 14 11:10–11:11 | kitchen/s3/w4/bead
  wren | 14 11:11–11:28 | kitchen/s3/w4/coat2
  wren | 14 11:28–11:29 | kitchen/s3/w4/pull
  wren | 14 12:00–12:22 | corridor/s2/w1+w2+w3+w4/peel
  wren | 14 12:22–13:44 | corridor/look
  wren | 14 13:44–13:51 | corridor/uncover
  wren | 14 13:51–14:12 | kitchen/look
  wren | 14 14:12–14:16 | kitchen/uncover
  heron | 17 06:45–06:50 | recital/s5/w1+w2+w3+w4+w5+w6/bead
  heron | 17 06:50–06:59 | recital/s5/w1+w2+w3+w4+w5+w6/coat2
  heron | 17 06:59–07:04 | recital/s5/w1+w2+w3+w4+w5+w6/pull
  heron | 17 07:04–07:10 | recital/s5/w1/roll2
  heron | 17 07:10–07:15 | recital/s5/w2/roll2
  heron | 17 07:15–07:19 | recital/s5/w3/roll2
  heron | 17 07:19–07:21 | recital/s5/w4/roll2
  heron | 17 07:21–07:24 | recital/s5/w5/roll2
  heron | 17 07:24–07:28 | recital/s5/w6/roll2
  plover | 17 08:15–08:53 | harbour/s2/w1/lay
  plover | 17 08:53–09:03 | harbour/s2/cover
  plover ×1 | 17 09:03–09:18 | harbour/s2/gun-up
  plover ×1 | 17 09:18–09:53 | harbour/s2/w1/coat1
  plover | 17 09:53–10:12 | south/s2/w1/lay
  plover | 17 10:12–10:17 | south/s2/cover
  plover ×1 | 17 10:17–10:37 | south/s2/w1/coat1
  plover ×1 | 17 12:55–13:15 | south/s2/w1/coat2
  plover ×1 | 17 13:15–13:30 | harbour/s2/gun-down1
  heron | 18 06:45–06:56 | recital/s4/w3/lay
  heron | 18 06:56–07:19 | recital/s4/w3/coat1
  plover ×1 | 18 08:15–08:30 | harbour/s2/gun-up1
  plover ×1 | 18 08:30–09:05 | harbour/s2/w1/coat2
  plover ×1 | 18 09:05–09:20 | south/s2/gun-down
  plover | 18 09:20–09:24 | south/s2/w1/pull
  plover | 18 09:24–09:26 | south/s2/uncover
  plover | 18 09:26–09:28 | south/uncover
  plover | 18 09:28–09:39 | south/look
  heron | 18 11:35–11:37 | recital/s4/w3/bead
  heron | 18 11:37–11:41 | recital/s4/w3/coat2
  heron | 18 11:41–11:43 | recital/s4/w3/pull
  heron | 18 11:43–12:02 | recital/s4/w3/roll2
  heron | 18 12:02–12:03 | recital/s2/w1/pull-floor
  heron | 18 12:03–12:05 | recital/s2/w3+w4+w5+w6/pull-floor
  heron | 18 12:05–12:06 | recital/s2/w2~3/pull-floor
  heron | 18 13:13–13:54 | recital/look
  plover | 18 13:28–13:35 | harbour/s2/w1/pull
  plover | 18 13:35–13:38 | harbour/s2/uncover
  plover | 18 13:38–13:40 | harbour/uncover
  plover | 18 13:40–14:04 | harbour/look
  heron | 18 13:54–14:09 | recital/uncover
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
