import type { Connector } from '@gorvane/core/connector/connector.ts';
import type { ContentName } from '@gorvane/core/connector/contents.ts';
import { contentsSchema } from '@gorvane/core/connector/contents-schema.ts';
import { answersFor, contentQuestion, usualContents } from '@gorvane/core/connector/contents.ts';
import { contentsOf } from '@gorvane/core/connector/gauge-card.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { Button } from '@mantine/core';
import { useId } from 'react';
import type { Draft } from '../draft/use-draft.ts';
import { ContentPicture } from '../drawing/content-picture.tsx';
import { VerdictMark } from './verdict.tsx';
import './bag.css';

interface BagQuestionsProps {
  readonly card: Draft<GaugeCard>;
  readonly connector: Connector;
  readonly questions: readonly ContentName[];
}

/** Answers one question about a bag, or takes the answer back. */
const answered = (card: GaugeCard, answers: Readonly<Record<string, string>>): GaugeCard => ({
  ...card,
  contents: contentsSchema.parse({ ...card.contents, ...answers }),
});

/** What lies in the bag, asked as pictures: what nobody has looked at is assumed to be as usual. */
export function BagQuestions({ card, connector, questions }: BagQuestionsProps) {
  const contents = contentsOf(card.record, connector);
  const usual = usualContents(connector);
  const open = questions.filter((name) => card.record.contents?.[name] === undefined);
  const group = useId();
  return (
    <div className="bag-questions">
      {questions.map((name) => {
        const { label, answers } = contentQuestion(name);
        return (
          <fieldset key={name}>
            <legend>
              {label} {open.includes(name) && <VerdictMark verdict="assumed" />}
            </legend>
            {answersFor(name, connector).map((answer) => (
              <label key={answer} className="bag-answer">
                <input
                  type="radio"
                  name={`${group}/${name}`}
                  checked={contents[name] === answer}
                  onChange={() =>
                    card.edit(`${label.toLowerCase()} in the bag`, (now) => answered(now, { [name]: answer }))
                  }
                />
                <ContentPicture name={name} answer={answer} />
                <span>
                  <strong>{answer}</strong>
                  {answer === usual[name] && <em> usual</em>}
                  {answers[answer] !== answer && <span className="soft">{answers[answer]}</span>}
                </span>
              </label>
            ))}
          </fieldset>
        );
      })}
      {open.length > 0 && (
        <Button
          variant="default"
          onClick={() =>
            card.edit('contents of the bag', (now) =>
              answered(now, Object.fromEntries(open.map((name) => [name, contents[name]]))),
            )
          }
        >
          I have looked: the bag is as marked
        </Button>
      )}
    </div>
  );
}
