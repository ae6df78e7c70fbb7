import { Button } from '@mui/material';

interface CameraButtonProps {
  label: string;
  isBusy: boolean;
  take: (file: File) => Promise<void>;
}

/** Opens the camera, where there is one. */
export function CameraButton({ label, isBusy, take }: CameraButtonProps) {
  return (
    <Button component="label" variant="outlined" disabled={isBusy}>
      {label}
      <input
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        onChange={({ target }) => {
          const file = target.files?.[0];
          target.value = '';
          if (file) void take(file);
        }}
      />
    </Button>
  );
}
