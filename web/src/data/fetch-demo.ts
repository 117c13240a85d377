/** The file of the demo scenario: asked for while what reads it is still on its way. */
export const fetchDemo = (): Promise<Response> => fetch('/demo.json');
