import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api } from '../../app/office/api'
import { useAppDispatch, useAppSelector } from '../../app/state/store'
import { W } from '../../app/words'
import { findMe } from './me'

/** Who is signed in here, and what an office does about people. */
export function WhoLine() {
  const told = useAppSelector((state) => state.out.who)
  const dispatch = useAppDispatch()
  const navigate = useNavigate()
  const troubles = useTroubles()
  if (!told) return null
  const out = () =>
    void api
      .signOut()
      .then(() => findMe(dispatch))
      .then(() => navigate('/sign-in'))
  return (
    <div className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-sm text-soft">
      {troubles.map((trouble) => (
        <b key={trouble} className="text-act">
          {W.people.troubles[trouble]}
        </b>
      ))}
      {told.isOpen ? (
        <span>{W.people.open}</span>
      ) : told.who ? (
        <>
          <span>{W.people.as({ name: told.who.name, role: W.people.roles[told.who.role] })}</span>
          <button type="button" className="underline" onClick={out}>
            {W.people.out}
          </button>
        </>
      ) : (
        <Link className="font-semibold text-act underline" to="/sign-in">
          {W.people.signIn}
        </Link>
      )}
      {!told.isOpen && told.who?.role === 'office' && (
        <Link className="underline" to="/people">
          {W.people.title}
        </Link>
      )}
      <Link className="underline" to="/trust">
        {W.people.trust}
      </Link>
    </div>
  )
}

/** What is not well at the office, as its server says. */
function useTroubles(): readonly (keyof typeof W.people.troubles)[] {
  const [troubles, setTroubles] = useState<readonly string[]>([])
  useEffect(() => {
    void api.health().then(
      (health) => setTroubles(health.troubles),
      () => setTroubles([]),
    )
  }, [])
  return (['disk', 'copy'] as const).filter((each) => troubles.includes(each))
}
