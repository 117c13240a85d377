import { cables } from '../cable/catalogue/catalogue.ts';
import { answersFor } from '../connector/contents.ts';
import { bagQuestions } from '../method/bag-questions.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import { toolNames } from './request-words.ts';
import { practiceChoices } from '../house/practice.ts';

/** What a request for a plan may name: ids of cables and connectors, practices with their schools, tools. */
export const planList = () => ({
  cables: cables.filter(({ structure }) => structure !== 'sheet').map(({ id, name }) => ({ id, name })),
  connectors: connectors.map((connector) => ({
    id: connector.id,
    name: connector.name,
    method: connector.method,
    features: Object.keys(connector.features),
    bag: Object.fromEntries(bagQuestions(connector).map((name) => [name, answersFor(name, connector)])),
  })),
  practices: practiceChoices,
  tools: [...toolNames],
});
