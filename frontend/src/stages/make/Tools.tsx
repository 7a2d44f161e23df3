import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useCatalogue } from '../../api/queries'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { put } from '../../plan/patches'

/** The tools at hand: what needs others moves down. */
export function Tools() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const catalogue = useCatalogue()
  const owned = plan.document.tools ?? null
  const tick = (id: string, title: string, isThere: boolean) =>
    act({
      patch: (now) => {
        const others = (now.tools ?? []).filter((one) => one !== id)
        return [put('/tools', isThere ? [...others, id] : others)]
      },
      label: `${title}: ${isThere ? 'there' : 'not there'}`,
      field: '',
    })
  return (
    <section aria-label="Tools">
      <h2>Tools</h2>
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
            onChange={(event) => tick(tool.id, tool.title, event.target.checked)}
          />
        ))}
      </div>
      {owned !== null && (
        <Button
          size="sm"
          variant="link"
          className="p-0"
          onClick={() => act({ patch: () => [put('/tools', null)], label: 'Any tools', field: '' })}
        >
          Offer everything, whatever the tools
        </Button>
      )}
    </section>
  )
}
