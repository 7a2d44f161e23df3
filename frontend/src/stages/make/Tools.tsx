import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useCatalogue } from '../../api/queries'
import { Panel } from '../../panels/Panel'
import { put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'

/** The tools at hand: what needs others moves down. */
export function Tools() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const catalogue = useCatalogue()
  const owned = plan.document.tools ?? null
  return (
    <Panel id="tools" says={owned === null ? 'any' : `${owned.length} at hand`}>
      <p className="lead-in mb-1">
        {owned === null
          ? 'Tick what you have: what needs other tools moves down, and says what it would take instead.'
          : 'What needs other tools stands last, with what it would take instead.'}
      </p>
      <div className="tools">
        {catalogue.data?.tools.map((tool) => (
          <Form.Check
            key={tool.id}
            id={`tool-${tool.id}`}
            label={tool.title}
            title={tool.about}
            checked={owned?.includes(tool.id) ?? false}
            onChange={(event) => act({ do: 'have', tool: tool.id, is_there: event.target.checked })}
          />
        ))}
      </div>
      {owned !== null && (
        <Button
          size="sm"
          variant="link"
          className="p-0"
          onClick={() => act(put('/tools', null), 'Any tools')}
        >
          Offer everything, whatever the tools
        </Button>
      )}
    </Panel>
  )
}
