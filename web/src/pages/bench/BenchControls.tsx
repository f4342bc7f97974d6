import { CheckField, ChoiceField, inWords } from '../../app/ui/fields'
import { useId } from 'react'
import { BENCH_RANGES, SKILLS, SOUNDNESS, TEXTURES, TOOLS, type BenchSetup, type BenchSun } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { WayField } from './WayFields'
import { CROSS_CUT_OPTIONS } from '../walk/crossCutOptions'
import { W, spanText } from '../../app/words'

interface BenchControlsProps {
  readonly setup: BenchSetup
  readonly onChange: (change: Partial<BenchSetup>) => void
}

/** Everything that can be turned, in the order of the work: keep side, coat, tape, air, pull. */
export function BenchControls(props: BenchControlsProps) {
  return (
    <div className="grid gap-3">
      <KeepControls {...props} />
      <CoatControls {...props} />
      <TapeControls {...props} />
      <AirControls {...props} />
      <PullControls {...props} />
    </div>
  )
}

/** Things of the shelf to choose from. */
const named = (list: readonly { id: string; name: string }[]) => list.map(({ id, name }) => ({ value: id, text: name }))

/** The keep side: what it is like and how old its last coat is. */
function KeepControls({ setup, onChange }: BenchControlsProps) {
  return (
    <Group title={W.walk.keep}>
      <ChoiceField
        label={W.walk.texture}
        value={setup.texture}
        options={inWords('texture', TEXTURES)}
        onCommit={(texture) => onChange({ texture })}
      />
      <ChoiceField
        label={W.walk.soundness}
        value={setup.soundness}
        options={inWords('soundness', SOUNDNESS)}
        onCommit={(soundness) => onChange({ soundness })}
      />
      <ChoiceField
        label={W.walk.lastTool}
        value={setup.keepTool}
        options={inWords('tool', TOOLS)}
        onCommit={(keepTool) => onChange({ keepTool })}
      />
      <ChoiceField
        label={W.walk.crossCut}
        value={String(setup.crossCut ?? '')}
        options={[{ value: '', text: W.walk.notMade }, ...CROSS_CUT_OPTIONS]}
        onCommit={(text) => onChange({ crossCut: text === '' ? null : Number(text) })}
      />
      <CheckField
        label={W.bench.unknownAge}
        checked={setup.ageDays === null}
        onChange={(unknown) => onChange({ ageDays: unknown ? null : 1 })}
      />
      {setup.ageDays !== null && (
        <Slider
          label={W.bench.age}
          value={setup.ageDays}
          range={BENCH_RANGES.ageDays}
          step={0.1}
          text={`${setup.ageDays.toFixed(1)} d`}
          onChange={(ageDays) => onChange({ ageDays })}
        />
      )}
      <CheckField label={W.walk.dusty} checked={setup.dusty} onChange={(dusty) => onChange({ dusty })} />
    </Group>
  )
}

/** The coat and how it is put on. */
function CoatControls({ setup, onChange }: BenchControlsProps) {
  const { shelf } = useFacts()
  return (
    <Group title={W.bench.coat}>
      <Wide>
        <ChoiceField
          label={W.walk.coating}
          value={setup.coatingId}
          options={named(shelf.coatings)}
          onCommit={(coatingId) => onChange({ coatingId })}
        />
      </Wide>
      <WayField part="stroke" way={setup} onChange={onChange} />
      <ChoiceField
        label={W.bench.earlier}
        value={String(setup.earlierCoats)}
        options={['0', '1', '2', '3']}
        onCommit={(n) => onChange({ earlierCoats: Number(n) })}
      />
      <Slider
        label={W.bench.film}
        value={setup.filmShare}
        range={BENCH_RANGES.filmShare}
        step={0.05}
        text={`${Math.round(setup.filmShare * 100)} %`}
        onChange={(filmShare) => onChange({ filmShare })}
      />
    </Group>
  )
}

/** The tape, how it is pressed and what seals it. */
function TapeControls({ setup, onChange }: BenchControlsProps) {
  const { shelf } = useFacts()
  const isBarrier = shelf.tapes.some(({ id, edge }) => id === setup.tapeId && edge === 'barrier')
  return (
    <Group title={W.load.tape}>
      <Wide>
        <WayField part="tapeId" way={setup} onChange={onChange} />
      </Wide>
      <ChoiceField
        label={W.bench.hand}
        value={setup.hand}
        options={SKILLS.map((value) => ({ value, text: W.site[value] }))}
        onCommit={(hand) => onChange({ hand })}
      />
      <WayField part="pressing" way={setup} onChange={onChange} />
      <WayField part="seal" way={setup} onChange={onChange} />
      {isBarrier && (
        <Wide>
          <CheckField label={W.bench.wiped} checked={setup.wiped} onChange={(wiped) => onChange({ wiped })} />
        </Wide>
      )}
      {setup.seal === 'wiped-sealant' && (
        <Wide>
          <ChoiceField
            label={W.load.sealant}
            value={setup.sealantId ?? ''}
            options={named(shelf.sealants)}
            onCommit={(sealantId) => onChange({ sealantId })}
          />
        </Wide>
      )}
      <Slider
        label={W.bench.onFor}
        value={setup.laidBeforeMin}
        range={BENCH_RANGES.laidBeforeMin}
        step={30}
        text={spanText(setup.laidBeforeMin)}
        onChange={(laidBeforeMin) => onChange({ laidBeforeMin })}
      />
    </Group>
  )
}

/** The air, and the sun on the face. */
function AirControls({ setup, onChange }: BenchControlsProps) {
  return (
    <Group title={W.bench.air}>
      <Slider
        label={W.site.temp}
        value={setup.tempC}
        range={BENCH_RANGES.tempC}
        step={0.5}
        text={`${setup.tempC} °C`}
        onChange={(tempC) => onChange({ tempC })}
      />
      <Slider
        label={W.site.rh}
        value={setup.rh}
        range={BENCH_RANGES.rh}
        step={1}
        text={`${setup.rh} %`}
        onChange={(rh) => onChange({ rh })}
      />
      <Slider
        label={W.bench.wind}
        value={setup.windMs}
        range={BENCH_RANGES.windMs}
        step={0.1}
        text={`${setup.windMs.toFixed(1)} m/s`}
        onChange={(windMs) => onChange({ windMs })}
      />
      <SunControls sun={setup.sun} onChange={(sun) => onChange({ sun })} />
    </Group>
  )
}

/** The pull: when, how, and which edge of many is shown. */
function PullControls({ setup, onChange }: BenchControlsProps) {
  return (
    <Group title={W.bench.pull}>
      <Slider
        label={W.bench.pullAfter}
        value={setup.pullAfterMin}
        range={[0, 120]}
        step={1}
        text={spanText(setup.pullAfterMin)}
        onChange={(pullAfterMin) => onChange({ pullAfterMin })}
      />
      <Slider
        label={W.bench.pullHours}
        value={setup.pullAfterMin}
        range={BENCH_RANGES.pullAfterMin}
        step={15}
        text={spanText(setup.pullAfterMin)}
        onChange={(pullAfterMin) => onChange({ pullAfterMin })}
      />
      <Slider
        label={W.bench.fold}
        value={setup.foldDeg}
        range={BENCH_RANGES.foldDeg}
        step={5}
        text={`${setup.foldDeg}°`}
        onChange={(foldDeg) => onChange({ foldDeg })}
      />
      <ChoiceField
        label={W.bench.speed}
        value={setup.speed}
        options={inWords('pullSpeed', ['slow', 'fast'] as const)}
        onCommit={(speed) => onChange({ speed })}
      />
      <CheckField label={W.bench.scored} checked={setup.scored} onChange={(scored) => onChange({ scored })} />
      <ChoiceField
        label={W.bench.seed}
        value={String(setup.seed)}
        options={[...new Set([setup.seed, 1, 2, 3, 4, 5])].map(String)}
        onCommit={(seed) => onChange({ seed: Number(seed) })}
      />
    </Group>
  )
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-t border-rule pt-1.5">
      <legend className="pr-2 font-semibold">{title}</legend>
      <div className="grid grid-cols-2 items-end gap-x-2 gap-y-1.5">{children}</div>
    </fieldset>
  )
}

const Wide = ({ children }: { children: React.ReactNode }) => <div className="col-span-2">{children}</div>

interface SliderProps {
  readonly label: string
  readonly value: number
  readonly range: readonly [number, number]
  readonly step: number
  readonly text: string
  readonly onChange: (value: number) => void
}

function Slider({ label, value, range, step, text, onChange }: SliderProps) {
  const id = useId()
  return (
    <div className="col-span-2">
      <label htmlFor={id} className="flex text-[0.82rem] text-soft">
        {label} <b className="ml-auto text-ink">{text}</b>
      </label>
      <input
        id={id}
        type="range"
        className="block h-7 w-full accent-ink"
        min={range[0]}
        max={range[1]}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </div>
  )
}

/** A harbour town's sun to begin with. */
const SUN: BenchSun = { latDeg: 38.7, lonDeg: -9.1, facingDeg: 180, cloud: 0 }

function SunControls({ sun, onChange }: { sun: BenchSun | null; onChange: (sun: BenchSun | null) => void }) {
  return (
    <>
      <Wide>
        <CheckField label={W.bench.sun} checked={sun !== null} onChange={(on) => onChange(on ? SUN : null)} />
      </Wide>
      {sun && (
        <>
          <Slider
            label={W.bench.facing}
            value={sun.facingDeg}
            range={BENCH_RANGES.facingDeg}
            step={5}
            text={`${sun.facingDeg}°`}
            onChange={(facingDeg) => onChange({ ...sun, facingDeg })}
          />
          <Slider
            label={W.bench.cloud}
            value={sun.cloud}
            range={[0, 1]}
            step={0.05}
            text={`${Math.round(sun.cloud * 100)} %`}
            onChange={(cloud) => onChange({ ...sun, cloud })}
          />
        </>
      )}
    </>
  )
}
