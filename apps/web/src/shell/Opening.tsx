import { Loading } from '../kit/Notice';
import { useWords } from '../words';

/** While the first screen is fetched. */
export function Opening() {
  const words = useWords();
  return <Loading what={words('app.name')} />;
}
