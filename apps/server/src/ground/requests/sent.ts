import { Header } from '@nestjs/common';

/**
 * What an endpoint that writes its response by itself sends: the type of its JSON, or the media type of its file. The published description of
 * the API is read from it.
 *
 * @example
 * async csv(@Res() response: Response): Promise<Sent<'text/csv'>>
 */
export type Sent<_Answer> = void;

/** An answer that is JSON already, as the database wrote it: it is neither read nor written here. */
export type JsonText<_Answer> = string;

/** Of an endpoint that answers with JsonText. */
export const SendsJson = (): MethodDecorator => Header('content-type', 'application/json; charset=utf-8');
