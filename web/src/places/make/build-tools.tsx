import { useHouse } from '../../data/live.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { Button, Menu, NativeSelect, Switch } from '@mantine/core';
import { Link } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { useBenchDraft } from '../../draft/use-draft.ts';
import type { Voice } from './use-voice.ts';
import { useLetterKeys } from './use-build-keys.ts';

interface BuildToolsProps {
  readonly view: UnitView;
  readonly step: Step;
  readonly isFirst: boolean;
  readonly voice: Voice;
  readonly onLookBack: () => void;
  readonly onTrouble: () => void;
  readonly onEvidence: () => void;
  readonly onReadAloud: () => void;
  /** Back to the whole moment, where it was unfolded. */
  readonly onFold: (() => void) | undefined;
  readonly onSetAside: (reason: string) => void;
}

/** What else can be done at a step, each with its key. */
export function BuildTools(props: BuildToolsProps) {
  const { view, isFirst, voice, onLookBack, onTrouble, onEvidence, onReadAloud, onFold } = props;
  const names = useHouse()?.benchNames ?? [];
  const bench = useBenchDraft();
  return (
    <nav className="build-keys" aria-label="Other keys">
      <Button variant="subtle" onClick={onLookBack} disabled={isFirst}>
        <kbd>Page Up</kbd> look back
      </Button>
      <Button variant="subtle" className="off-key" onClick={onTrouble}>
        <kbd>O</kbd> something is off
      </Button>
      <Button variant="subtle" onClick={onEvidence}>
        <kbd>E</kbd> picture or note
        {view.progress.photographs.length > 0 && ` (${view.progress.photographs.length})`}
      </Button>
      {voice.available && (
        <Button variant="subtle" onClick={onReadAloud}>
          <kbd>R</kbd> read aloud
        </Button>
      )}
      {onFold && (
        <Button variant="subtle" onClick={onFold}>
          Whole moment
        </Button>
      )}
      <More {...props} />
      {bench && (
        <NativeSelect
          aria-label="Who works"
          value={bench.record.name}
          data={[...new Set([bench.record.name, ...names])]}
          onChange={({ currentTarget: { value } }) =>
            bench.edit('this bench', (now) => ({ ...now, name: value }))
          }
        />
      )}
      <Button variant="subtle" component={Link} to="/">
        Leave, all is kept
      </Button>
    </nav>
  );
}

/** What is wanted less often. */
function More({ view: { unit }, step, voice, onSetAside }: BuildToolsProps) {
  const [letters, setLetters] = useLetterKeys();
  const bench = useBenchDraft();
  return (
    <Menu position="top" width={300} closeOnItemClick>
      <Menu.Target>
        <Button variant="subtle">More</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item component={Link} to={`/leads/${unit.leadId}/${step.stage.toLowerCase()}?unit=${unit.id}`}>
          Open the lead
        </Menu.Item>
        <Menu.Item component={Link} to={`/print/traveller/${unit.id}`}>
          Traveller on paper
        </Menu.Item>
        <Menu.Item component={Link} to={`/print/wires/${unit.id}`}>
          Wire list
        </Menu.Item>
        <Menu.Item onClick={() => onSetAside('Set aside at the bench')}>Set this unit aside</Menu.Item>
        <Menu.Divider />
        <Menu.Item
          closeMenuOnClick={false}
          component="div"
          onClick={() => voice.available && voice.turn(!voice.on)}
        >
          <Switch
            label="Read every step aloud"
            checked={voice.on}
            disabled={!voice.available}
            readOnly
            tabIndex={-1}
          />
        </Menu.Item>
        <Menu.Item closeMenuOnClick={false} component="div" onClick={() => setLetters(!letters)}>
          <Switch label="Letter keys (G, X, O, E, T, R)" checked={letters} readOnly tabIndex={-1} />
        </Menu.Item>
        {bench && (
          <Menu.Item
            closeMenuOnClick={false}
            component="div"
            onClick={() =>
              bench.edit('light', (now) => ({ ...now, theme: now.theme === 'night' ? 'paper' : 'night' }))
            }
          >
            <Switch label="Night bench" checked={bench.record.theme === 'night'} readOnly tabIndex={-1} />
          </Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
