import { useParams } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { useSentDrillsQuery } from '../../store/drills-api';
import { useKeepAnswer } from '../../store/useKeepAnswer';
import { useWords } from '../../words';
import { fromShown } from './drill-to-take';
import { Run } from './Run';
import { useMaterial } from './useMaterial';

/** One drill that somebody sent. */
export function SentDrillPage() {
  const { sentId } = useParams();
  const words = useWords();
  const { company, settings } = useMaterial();
  const { data: sent, error, refetch } = useSentDrillsQuery();
  useKeepAnswer('drills/sent', sent);
  if (error && !sent) return <Failure error={error} retry={() => void refetch()} />;
  if (!sent || !company) return <Loading what={words('drills.title')} />;
  const drill = sent.find(({ id }) => id === sentId);
  if (!drill) return <Notice title={words('drills.notSent')} />;
  const { id, kind, shown, jobId, lineId, tag, isMine } = drill;
  if (!isMine) return <Notice title={words('drills.notToYou')} />;
  return (
    <Run
      key={id}
      drills={[
        fromShown(
          {
            kind,
            level: 2,
            shown,
            sentId: id,
            wayThere: {
              to: `/jobs/${jobId}/lines/${lineId}/line-up/${encodeURIComponent(tag)}`,
              words: words('drills.show.line', { tag }),
            },
          },
          settings,
        ),
      ]}
    />
  );
}
