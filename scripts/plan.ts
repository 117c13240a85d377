import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { planAnswer } from '@gorvane/core/file/plan-answer.ts';
import { planList } from '@gorvane/core/file/plan-list.ts';
import { planTexts } from '@gorvane/core/file/plan-texts.ts';
import { readPlanRequest } from '@gorvane/core/file/plan-request.ts';
import { RequestError } from '@gorvane/core/file/request-error.ts';
import { defaultHouse } from '@gorvane/core/house/default-house.ts';

/** Plans one lead without a screen: a request as JSON in a file or on standard input, the plan as JSON on standard output. */
const usage =
  'Usage: npm run -s plan -- FILE   (- reads standard input)   |   npm run -s plan -- --list   |   npm run -s plan -- --texts';

function refuse(message: string): never {
  console.error(message);
  process.exit(2);
}

const flags = {
  list: { type: 'boolean', default: false },
  texts: { type: 'boolean', default: false },
} as const;

function options() {
  try {
    return parseArgs({ allowPositionals: true, options: flags });
  } catch (error) {
    return refuse(`${(error as Error).message} ${usage}`);
  }
}

function textOf(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    return refuse(`FILE: found "${file}", expected a file that can be read (${(error as Error).message}).`);
  }
}

function answer(file: string): unknown {
  try {
    return planAnswer(readPlanRequest(textOf(file)));
  } catch (error) {
    if (error instanceof RequestError) return refuse(error.message);
    throw error;
  }
}

const { values, positionals } = options();
const [file] = positionals;
if (!values.list && !values.texts && (file === undefined || positionals.length > 1)) refuse(usage);
if (values.texts) console.log(planTexts(defaultHouse('2000-01-01T00:00:00.000Z')).join('\n\n'));
else console.log(JSON.stringify(values.list ? planList() : answer(file!), null, 1));
