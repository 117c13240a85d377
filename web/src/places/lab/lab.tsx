import { NavLink, Outlet } from 'react-router';
import './lab.css';

/** The questions, and the cables they are asked of. */
export const questions = [
  { to: 'line', label: 'One line', ask: 'What does this cable do to this load?' },
  { to: 'chain', label: 'Chain', ask: 'What do cables, connectors and defects in a row add up to?' },
  { to: 'budget', label: 'Budget', ask: 'Which cable keeps the loss within the limit?' },
  { to: 'power', label: 'Power', ask: 'How much power will it carry, and what limits it?' },
  { to: 'choke', label: 'Choke', ask: 'How many beads keep current off the shield?' },
  { to: 'set', label: 'Set', ask: 'Are these leads equal in phase, and what is to be trimmed?' },
  { to: 'audio', label: 'Audio', ask: 'How long a run before the treble goes?' },
  { to: 'speaker', label: 'Speaker', ask: 'What gauge for this length and load?' },
  { to: 'bus', label: 'Lighting bus', ask: 'Does the data arrive at the last receiver?' },
  {
    to: 'ends',
    label: 'Ends',
    ask: 'Which connector mates, fits the cable, and what else must be in the bag?',
  },
  { to: 'cables', label: 'Cables', ask: 'What is known of each cable; enter one from its sheet.' },
] as const;

/** The Line lab: free questions without a design, each at an address that holds everything typed. */
export function Lab() {
  return (
    <div className="lab">
      <div className="page-head no-print">
        <h1>Line lab</h1>
        <span className="soft">the address holds everything you type: bookmark it or send it on</span>
      </div>
      <nav className="lab-questions no-print" aria-label="Questions">
        {questions.map(({ to, label }) => (
          <NavLink key={to} to={to}>
            {label}
          </NavLink>
        ))}
      </nav>
      <Outlet />
    </div>
  );
}

/** What can be asked, for who comes without a question. */
export function LabStart() {
  return (
    <ul className="lab-start">
      {questions.map(({ to, label, ask }) => (
        <li key={to}>
          <NavLink to={to}>
            <strong>{label}</strong>
            <span>{ask}</span>
          </NavLink>
        </li>
      ))}
    </ul>
  );
}
