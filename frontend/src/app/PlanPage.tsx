import { type ComponentType, useCallback, useEffect, useState } from 'react'
import { useParams } from 'react-router'
import { WorkingDrawing } from '../drawing/WorkingDrawing'
import { Reckoner } from '../lengths/Reckoner'
import { usePlan, useSelection } from '../plan/PlanDesk'
import { Why } from '../reasons/Why'
import { CutStage } from '../stages/cut/CutStage'
import { FillStage } from '../stages/fill/FillStage'
import { MakeStage } from '../stages/make/MakeStage'
import { MeasureStage } from '../stages/measure/MeasureStage'
import { Bars } from './Bars'
import { Findings } from './Findings'
import { Help } from './Help'
import { useKeys } from './keys'
import { MovedList } from './MovedList'
import { OpenPlan } from './OpenPlan'
import { StageRail } from './StageRail'
import { STAGES, type StageId } from './stages'
import { TopBar } from './TopBar'

const SHEETS: Record<StageId, ComponentType> = {
  measure: MeasureStage,
  fill: FillStage,
  make: MakeStage,
  cut: CutStage,
}

/** One plan on the bench. */
export function PlanPage() {
  const { planId = '', stage } = useParams()
  const known = STAGES.find((one) => one.id === stage)?.id ?? 'measure'
  return (
    <OpenPlan id={planId}>
      <Bench stage={known} />
    </OpenPlan>
  )
}

function Bench({ stage }: { stage: StageId }) {
  const { plan } = usePlan()
  const { whyKey } = useSelection()
  const [isHelping, setIsHelping] = useState(false)
  const showHelp = useCallback(() => setIsHelping(true), [])
  useKeys(showHelp)
  useEffect(() => {
    document.title = `${plan.document.name} · Vasculum`
  }, [plan.document.name])
  const StageSheet = SHEETS[stage]
  return (
    <div className="book">
      <a className="skip" href="#sheet">
        To the sheet of this stage
      </a>
      <div className="top">
        <TopBar showHelp={showHelp} />
        <Bars />
      </div>
      <StageRail stage={stage} />
      <div className="bench">
        <WorkingDrawing stage={stage} />
        <div className="strip">
          <Findings />
          <MovedList stage={stage} />
        </div>
        <Reckoner unit={plan.document.units.length} increment={plan.document.units.increment} />
      </div>
      <main className="sheet" id="sheet" tabIndex={-1}>
        {/* The sheet keeps its place and its half-typed fields while reasons lie over it. */}
        <div inert={whyKey !== null}>
          <StageSheet />
        </div>
        {whyKey !== null && <Why of={whyKey} />}
      </main>
      {isHelping && <Help onClose={() => setIsHelping(false)} />}
    </div>
  )
}
