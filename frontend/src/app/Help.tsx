import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { keysAreOn, switchKeys } from '../plan/keysSwitch'
import { Origin } from '../reasons/Origin'

const KEYS = [
  ['1, 2, 3, 5', 'Measure, Fill, Make, Cut (while the drawing has the focus)'],
  ['- and |', 'split the cell in focus into rows or columns; = makes its row alike'],
  ['C', 'copy the cell in focus beside it'],
  ['Shift + arrows', 'move the divider beside the cell in focus by one increment'],
  ['Arrows', 'walk the cells, or the dimensions; on a divider, move it'],
  ['W or Enter', 'why is this size what it is'],
  ['Ctrl + Z, Ctrl + Y', 'undo, redo'],
  ['Z, Shift + Z, 0', 'nearer, farther, the whole drawing; the wheel and two fingers do it too'],
  ['R', 'the reckoner: a sum, exact and snapped, sent to the field last in hand'],
  ['Enter', 'keep a size and go on to the next field'],
  ['Escape', 'leave a field as it was; close the reasons'],
  ['?', 'this page'],
]
const MARKS = [
  ['measured', 'measured: the tape said so'],
  ['chosen', 'chosen by you'],
  ['assumed', 'assumed: a default or a nominal size, or something that rests on one'],
  ['worked out', 'worked out: press it for the reasons'],
  ['as built', 'as built: what was really cut, the planned size beside it'],
]

export function Help({ onClose }: { onClose(): void }) {
  const [isOn, setIsOn] = useState(keysAreOn)
  return (
    <Modal show onHide={onClose} animation={false} aria-labelledby="help-title">
      <Modal.Header closeButton>
        <Modal.Title id="help-title">Keys and marks</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl>
          {KEYS.map(([key, does]) => (
            <div key={key} className="d-flex gap-3">
              <dt className="w-25">{key}</dt>
              <dd className="w-75">{does}</dd>
            </div>
          ))}
        </dl>
        <Form.Check
          type="switch"
          id="keys-on"
          label="Digit and letter keys act in the drawing"
          checked={isOn}
          onChange={(event) => {
            switchKeys(event.target.checked)
            setIsOn(event.target.checked)
          }}
        />
        <hr />
        <ul className="list-unstyled mb-0">
          {MARKS.map(([origin, words]) => (
            <li key={origin}>
              <Origin origin={origin ?? ''} /> {words}
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  )
}
