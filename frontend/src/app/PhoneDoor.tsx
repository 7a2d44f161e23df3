import { useMutation, useQueryClient } from '@tanstack/react-query'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { answered, client, Refused } from '../api/client'
import { networkKey, useNetwork } from '../api/queries'

/** Let a phone in this network measure: one switch, an address for its camera, a code to type. */
export function PhoneDoor({ onClose }: { onClose(): void }) {
  const state = useNetwork()
  const queries = useQueryClient()
  const turn = useMutation({
    mutationFn: (isOn: boolean) => answered(client.POST('/api/network', { body: { is_on: isOn } })),
    onSuccess: (made) => queries.setQueryData(networkKey, made),
  })
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
          onChange={(event) => turn.mutate(event.target.checked)}
        />
        {turn.error instanceof Refused && <p role="alert">{turn.error.message}</p>}
        {door?.is_on ? (
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
            <p className="display-5 fw-semibold" data-testid="pairing-code">
              {door.code}
            </p>
            <p className="mb-0" role="status">
              {door.guests === 0 ? 'No phone is paired yet.' : `Paired: ${door.guests}`}
            </p>
          </div>
        ) : (
          <p className="mt-3 mb-0">
            While this is off, only this machine is answered. Opened, a phone that was paired by the code sees
            and changes these plans; nothing leaves the network.
          </p>
        )}
      </Modal.Body>
    </Modal>
  )
}
