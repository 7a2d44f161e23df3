import Button from 'react-bootstrap/Button'
import ButtonGroup from 'react-bootstrap/ButtonGroup'

interface Props {
  called: string
  many: number
  shown: number
  onShow(number: number): void
}

/** Which of several sheets is looked at; nothing where there is one. */
export function Numbers({ called, many, shown, onShow }: Props) {
  if (many < 2) return null
  return (
    <ButtonGroup size="sm" className="mb-2 flex-wrap" aria-label={called}>
      {Array.from({ length: many }, (_, at) => at + 1).map((one) => (
        <Button
          key={one}
          variant={one === shown ? 'primary' : 'outline-secondary'}
          aria-pressed={one === shown}
          onClick={() => onShow(one)}
        >
          {one}
        </Button>
      ))}
    </ButtonGroup>
  )
}
