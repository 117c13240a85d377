import { cables } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import { shopTools } from '../house/house.ts';
import { practiceChoices } from '../house/practice.ts';

/** What a request for a plan may name: ids of cables and connectors, practices with their schools, tools. */
export const planList = () => ({
  cables: cables.filter(({ structure }) => structure !== 'sheet').map(({ id, name }) => ({ id, name })),
  connectors: connectors.map(({ id, name, method, features }) => ({
    id,
    name,
    method,
    features: Object.keys(features),
  })),
  practices: practiceChoices,
  tools: [...shopTools],
});
