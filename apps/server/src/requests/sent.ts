/**
 * What an endpoint that writes its response by itself sends: the type of its JSON, or the media type of its file. The published description of
 * the API is read from it.
 *
 * @example
 * async csv(@Res() response: Response): Promise<Sent<'text/csv'>>
 */
export type Sent<_Answer> = void;
