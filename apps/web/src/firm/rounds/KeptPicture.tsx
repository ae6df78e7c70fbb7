import { useEffect, useState } from 'react';

/** A picture from the server, else the small one that is kept on the device. */
export function KeptPicture({ path, alt }: { path: string; alt: string }) {
  const [kept, setKept] = useState<string>();
  const [isLost, setLost] = useState(false);
  useEffect(() => {
    if (!isLost) return;
    void import('../../store/kept-pictures')
      .then(({ keptPicture }) => keptPicture(path))
      .then((picture) => {
        if (!picture) return;
        const reader = new FileReader();
        reader.onload = () => setKept(String(reader.result));
        reader.readAsDataURL(picture);
      });
  }, [path, isLost]);
  return <img src={kept ?? `/api/${path}`} alt={alt} onError={() => setLost(true)} />;
}
