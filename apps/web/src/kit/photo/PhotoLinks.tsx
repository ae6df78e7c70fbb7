import { useWords } from '../../words';

interface PhotoLinksProps {
  positionId: string;
  tag: string;
  photos: readonly string[];
  /** What stands under a picture, by its id. */
  captions?: ReadonlyMap<string, string>;
}

/** Pictures of a position, each opened large by a tap. */
export function PhotoLinks({ positionId, tag, photos, captions }: PhotoLinksProps) {
  const words = useWords();
  return photos.map((id, index) => {
    const address = `/api/positions/${positionId}/photos/${id}`;
    return (
      <a key={id} href={address} target="_blank" rel="noreferrer">
        <img src={address} loading="lazy" alt={words('walk.photoOf', { number: index + 1, tag })} />
        {captions?.has(id) && <small>{captions.get(id)}</small>}
      </a>
    );
  });
}
