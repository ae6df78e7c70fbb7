/** A request as the server would see it. */
export interface Asked {
  method: string;
  path: string;
  query: URLSearchParams;
  body: unknown;
}

interface Reply {
  status?: number;
  body: unknown;
}

type Answer = (asked: Asked) => Reply | undefined | Promise<Reply>;

/** What was sent: read where it is JSON, else as it came. */
function bodyOf({ headers }: Request, text: string): unknown {
  if (text === '') return undefined;
  return (headers.get('content-type') ?? '').includes('json') ? JSON.parse(text) : text;
}

/** Stands where the network is: answers requests and keeps what was asked. */
export function serve(answer: Answer): Asked[] {
  const log: Asked[] = [];
  globalThis.fetch = async (input, init) => {
    const request = new Request(
      new URL(input instanceof Request ? input.url : String(input), 'http://localhost'),
      input instanceof Request ? input : init,
    );
    const text = await request.text();
    const { pathname: path, searchParams: query } = new URL(request.url);
    const asked = {
      method: request.method,
      path,
      query,
      body: bodyOf(request, text),
    };
    log.push(asked);
    const { status = 200, body } = (await answer(asked)) ?? {
      status: 404,
      body: { error: { code: 'not-found', message: `nothing at ${asked.path}` } },
    };
    return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  };
  return log;
}
