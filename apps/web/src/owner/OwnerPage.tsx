import type { OwnerPageView } from '@grevik/contracts';
import { Button } from '@mui/material';
import { Link, useLocation } from 'react-router';
import { Failure, Loading, Notice } from '../kit/Notice';
import { dateWords } from '../kit/when';
import { useOwnerPageQuery } from '../store/owner-api';
import { LanguageSwitch } from '../shell/LanguageSwitch';
import { spokenLanguage, useWords } from '../words';
import { OwnerItemShown } from './OwnerItemShown';
import styles from './OwnerPage.module.css';

/** What an owner sees who has the link: what was found, what can be done, what it costs; and where they decide. Its secret stands behind the #, which no server is told. */
export function OwnerPage() {
  const key = useLocation().hash.slice(1);
  const words = useWords();
  const { data: page, error, isError, refetch } = useOwnerPageQuery(key, { skip: key === '' });
  if (key === '')
    return <Notice title={words('owner.cut')} action={<Link to="/">{words('app.openJobs')}</Link>} />;
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!page) return <Loading what={words('app.name')} />;
  return <Shown page={page} secret={key} />;
}

function Shown({ page, secret }: { page: OwnerPageView; secret: string }) {
  const words = useWords();
  const { companyName, jobName, madeBy, madeAt, expiresAt, items, taxRate } = page;
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <div>
          <p>{companyName}</p>
          <h1>{jobName}</h1>
        </div>
        <div className={`${styles.ways} no-print`}>
          <LanguageSwitch />
          <Button variant="outlined" onClick={() => window.print()}>
            {words('owner.print')}
          </Button>
          <Button href={`/api/owner/${encodeURIComponent(secret)}/page.pdf?language=${spokenLanguage()}`}>
            PDF
          </Button>
        </div>
      </header>
      <p>{words('owner.by', { name: madeBy, date: dateWords(madeAt) })}</p>
      {items.map((item) => (
        <OwnerItemShown key={item.positionId} item={item} page={page} secret={secret} />
      ))}
      <footer className={styles.foot}>
        <p>
          {words(taxRate === null ? 'owner.noTax' : 'owner.tax', {
            share: Number((100 * (taxRate ?? 0)).toFixed(2)),
          })}{' '}
          {words('owner.until', { date: dateWords(expiresAt), company: companyName })}
        </p>
        <p>{words('owner.caution')}</p>
      </footer>
    </main>
  );
}
