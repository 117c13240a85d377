/** Names under which this server may be asked for: loopback only. A name that was rebound to it from outside is none of them. */
const ownNames = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Whether a Host header names this server. */
export function isOwnHost(host: string | undefined): boolean {
  return host !== undefined && ownNames.has(host.replace(/:\d+$/, '').toLowerCase());
}

/** Whether an Origin is that of a page of this very server: same name, same port. A browser always sends one for a WebSocket. */
export function isOwnOrigin(origin: string | undefined, host: string | undefined): boolean {
  return (
    origin !== undefined && host !== undefined && origin.toLowerCase() === `http://${host.toLowerCase()}`
  );
}
