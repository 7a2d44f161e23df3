import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { answered, client, type Schemas } from '../api/client'
import { tintOf } from '../plan/layout'

type Found = Schemas['FoundIn']

/** The page of the drawer in which something was found, or its plan where it lives nowhere yet. */
const pageOf = ({ plan, thing }: Found) =>
  thing.thing.lives_in ? `/plans/${plan}/drawer/${thing.thing.lives_in}` : `/plans/${plan}/fill`

interface Props {
  /** The plan in hand: what lies there comes first. */
  first?: string
  revision?: number
  /** The first that lives somewhere in the plan in hand. */
  onFound?(place: string): void
}

/** What is on any list by its words, the plan in hand first. */
export const useFound = (words: string, first: string, revision: number) =>
  useQuery({
    queryKey: ['find', words, first, revision],
    queryFn: () => answered(client.GET('/api/things', { params: { query: { words, first } } })),
    enabled: words.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: 0,
  })

/** Where something is kept, in whichever plan. */
export function FindThings({ first = '', revision = 0, onFound }: Props) {
  const [words, setWords] = useState('')
  const { data } = useFound(words, first, revision)
  const isAsked = words.trim() !== ''
  const found = isAsked ? (data?.found ?? []) : []
  const home =
    found.find((one) => one.plan === first && one.thing.thing.lives_in)?.thing.thing.lives_in ?? null
  useEffect(() => {
    if (home !== null) onFound?.(home)
  }, [home, onFound])
  return (
    <section className="find-things" aria-label="Find a thing">
      <Form.Group controlId="find-thing">
        <Form.Label className="mb-0">Find a thing</Form.Label>
        <Form.Control
          type="search"
          value={words}
          placeholder="a name, or what it belongs with; in every plan"
          autoComplete="off"
          onChange={(event) => setWords(event.target.value)}
        />
      </Form.Group>
      <ul aria-label="Found" aria-live="polite">
        {found.map((one) => (
          <li key={`${one.plan} ${one.thing.id}`}>
            <Link to={pageOf(one)}>
              {one.thing.number > 0 && (
                <span className={`number ${tintOf(one.thing.number)}`}>{one.thing.number}</span>
              )}
              <span>
                <b>{one.thing.thing.name}</b>
                {(one.thing.thing.count ?? 1) > 1 && ` × ${one.thing.thing.count}`}:{' '}
                {one.thing.place_name || 'nowhere yet'}
                {one.thing.thing.is_out && ', out at present'}
                {one.plan !== first && <span className="other">{one.plan_name}</span>}
              </span>
            </Link>
          </li>
        ))}
        {isAsked && data?.found.length === 0 && <li>Nothing of that name is on any list.</li>}
        {isAsked && (data?.more ?? 0) > 0 && <li>And {data?.more} more: say another word of it.</li>}
      </ul>
    </section>
  )
}
