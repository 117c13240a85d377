import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { planAnswer } from '@gorvane/core/file/plan-answer.ts';
import { planList } from '@gorvane/core/file/plan-list.ts';
import { readPlanRequest } from '@gorvane/core/file/plan-request.ts';
import { RequestError } from '@gorvane/core/file/request-error.ts';

/** Plans one lead without a screen: a request as JSON in a file or on standard input, the plan as JSON on standard output. */
const usage = 'Usage: npm run -s plan -- FILE   (- reads standard input)   |   npm run -s plan -- --list';

function refuse(message: string): never {
  console.error(message);
  process.exit(2);
}

function options() {
  try {
    return parseArgs({ allowPositionals: true, options: { list: { type: 'boolean', default: false } } });
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
if (!values.list && (file === undefined || positionals.length > 1)) refuse(usage);
console.log(JSON.stringify(values.list ? planList() : answer(file!), null, 1));
