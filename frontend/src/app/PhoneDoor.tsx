import { useMutation, useQueryClient } from '@tanstack/react-query'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { answered, client, Refused, type Schemas } from '../api/client'
import { networkKey, useNetwork } from '../api/queries'

type Door = Schemas['NetworkState']

/** Let a phone in this network measure: one switch, an address for its camera, a code to type, and who is in. */
export function PhoneDoor({ onClose }: { onClose(): void }) {
  const state = useNetwork()
  const queries = useQueryClient()
  const turn = useMutation({
    mutationFn: (call: () => Promise<Door>) => call(),
    onSuccess: (made) => queries.setQueryData(networkKey, made),
  })
  const open = (is_on: boolean, is_private: boolean) =>
    turn.mutate(() => answered(client.POST('/api/network', { body: { is_on, is_private } })))
  const door = state.data
  return (
    <Modal show onHide={onClose} animation={false} aria-labelledby="door-title">
      <Modal.Header closeButton>
        <Modal.Title id="door-title">Measure with a phone</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form.Check
          type="switch"
          id="door-switch"
          className="fs-5"
          label="Open to phones in this network"
          checked={door?.is_on ?? false}
          disabled={!door || turn.isPending}
          onChange={(event) => open(event.target.checked, false)}
        />
        <Form.Check
          type="switch"
          id="door-private"
          label="Encrypted, with a certificate made on this machine"
          checked={door?.is_private ?? false}
          disabled={!door || turn.isPending}
          onChange={(event) => open(true, event.target.checked)}
        />
        {turn.error instanceof Refused && <p role="alert">{turn.error.message}</p>}
        {door?.is_on ? (
          <>
            <Pairing door={door} onNewCode={() => turn.mutate(newCode)} />
            <Readable door={door} />
            <Phones door={door} onAway={(id) => turn.mutate(() => sentAway(id))} />
          </>
        ) : (
          <p className="mt-3 mb-0">
            While this is off, only this machine is answered. Opened, a phone that was paired by the code sees
            these plans and measures; it deletes and brings in nothing, and nothing leaves the network.
          </p>
        )}
      </Modal.Body>
    </Modal>
  )
}

const newCode = () => answered(client.POST('/api/network/code', { body: {} }))
const sentAway = (id: string) =>
  answered(client.DELETE('/api/network/phones/{phone_id}', { params: { path: { phone_id: id } } }))

function Pairing({ door, onNewCode }: { door: Door; onNewCode(): void }) {
  const minutes = Math.max(1, Math.ceil(door.code_for / 60))
  return (
    <div className="text-center mt-3">
      <img
        key={door.url}
        className="phone-code"
        src={`/api/network/code.svg?${encodeURIComponent(door.url)}`}
        alt={`Code for a camera: ${door.url}`}
      />
      <p className="mb-1">Point the camera at it, or open</p>
      <p className="fs-5 text-break">{door.url}</p>
      <p className="mb-1">and type</p>
      <p className="display-5 fw-semibold mb-1" data-testid="pairing-code">
        {door.code}
      </p>
      <p>
        It pairs one phone, for {minutes} more {minutes === 1 ? 'minute' : 'minutes'}.{' '}
        <Button variant="link" size="sm" onClick={onNewCode}>
          New code
        </Button>
      </p>
      {door.shut_out.map((one) => (
        <p key={one.address} role="alert">
          {one.address} typed too many wrong codes and is shut out for {Math.ceil(one.seconds / 60)} min. A
          new code lets it try again.
        </p>
      ))}
    </div>
  )
}

/** What others in the network can read, or how to tell that nobody can. */
function Readable({ door }: { door: Door }) {
  if (!door.is_private)
    return (
      <p>
        <strong>Not encrypted.</strong> Whoever is in this network can read what the phone shows and sends:
        the code, names, notes and sizes; and could measure in its place.
      </p>
    )
  return (
    <div>
      <p className="mb-1">
        The phone warns once, for nobody vouches for the certificate. Its fingerprint stands there too; if it
        is another, somebody is in between.
      </p>
      <p className="fingerprint">{door.fingerprint.split(':').join(' ')}</p>
    </div>
  )
}

function Phones({ door, onAway }: { door: Door; onAway(id: string): void }) {
  return (
    <section aria-label="Paired phones">
      <p className="mb-1" role="status">
        {door.phones.length === 0 ? 'No phone is paired yet.' : `Paired: ${door.phones.length}`}
      </p>
      <ul className="list-unstyled mb-0">
        {door.phones.map((one) => (
          <li key={one.id} className="d-flex align-items-center gap-2 mb-1">
            <span className="me-auto">
              {one.name}{' '}
              <span className="other">
                {one.address}, {heard(one.seen)}
              </span>
            </span>
            <Button
              size="sm"
              variant="outline-secondary"
              aria-label={`Send ${one.name} away`}
              onClick={() => onAway(one.id)}
            >
              Send away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

const heard = (seconds: number) =>
  seconds < 60 ? 'heard of just now' : `last heard of ${Math.round(seconds / 60)} min ago`
