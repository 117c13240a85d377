import { refusalWords } from '../words/any-method.ts';
import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import { lengthOf } from '../strip/write-strip.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { AnyMethod, Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';

const isCoax = <I extends EndInput<LayeredCable>>(input: I): input is I & { readonly cable: CoaxCable } =>
  input.cable.structure === 'coax';

/** The strip of an end that its method refuses: nothing is cut. */
export function noStrip(endId: string): StripPlan {
  return {
    endId,
    datum: 'jacket edge',
    cuts: [
      {
        layer: 'conductor',
        of: '',
        label: 'Cut end',
        position: lengthOf(0, 'nothing is stripped', [], 'the method refuses this cable'),
        fromCutEnd: 0,
        plus: 0,
        minus: 0,
        tooLong: '',
        tooShort: '',
        beyondMethod: false,
      },
    ],
    shield: 'forward',
    contactRides: false,
    rearLip: 0,
    covered: 0,
    section: [],
    routes: [],
    planes: [],
    prepTool: [],
    methodUncertainty: 0,
    strippedWith: '',
  };
}

/** A method for coaxial cable, made askable about any: cables of cores it refuses, and plans nothing for them. */
export function forCoax(method: Method): AnyMethod {
  return {
    ...method,
    refuses: (cable) =>
      cable.structure === 'coax' ? method.refuses(cable) : refusalWords.madeCoaxialCableOne,
    fit: (input) => (isCoax(input) ? method.fit(input) : []),
    strip: (input) => (isCoax(input) ? method.strip(input) : noStrip(input.endId)),
    parts: (input) => (isCoax(input) ? method.parts(input) : []),
    relief: (input) => (isCoax(input) ? method.relief(input) : null),
    steps: (input) => (isCoax(input) ? method.steps(input) : []),
  };
}
