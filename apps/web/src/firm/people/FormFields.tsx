import { SHORTEST_PASSWORD } from '@grevik/contracts';
import { TextField, type TextFieldProps } from '@mui/material';
import type { FieldError, FieldValues, Path, RegisterOptions, UseFormReturn } from 'react-hook-form';
import { useWords } from '../../words';

interface FormFieldProps<T extends FieldValues> {
  form: UseFormReturn<T>;
  name: Path<T>;
  rules?: RegisterOptions<T, Path<T>>;
}

/** A text field of a form, with what is wrong under it. */
export function FormField<T extends FieldValues>({
  form,
  name,
  rules,
  ...props
}: FormFieldProps<T> & Omit<TextFieldProps, 'form' | 'name'>) {
  const words = useWords();
  const { ref, ...field } = form.register(name, { required: words('doors.required'), ...rules });
  const error = form.formState.errors[name] as FieldError | undefined;
  return (
    <TextField
      {...props}
      {...field}
      inputRef={ref}
      fullWidth
      size="small"
      error={error !== undefined}
      helperText={error?.message}
    />
  );
}

/** E-mail as people sign in with it. */
export function EmailField<T extends FieldValues>({ form, name }: Omit<FormFieldProps<T>, 'rules'>) {
  const words = useWords();
  return (
    <FormField
      form={form}
      name={name}
      type="email"
      label={words('doors.email')}
      autoComplete="username"
      rules={{ pattern: { value: /^[^@\s]+@[^@\s]+\.[^@\s]+$/, message: words('doors.noEmail') } }}
    />
  );
}

/** A password that is being chosen. */
export function NewPasswordField<T extends FieldValues>({
  form,
  name,
  label,
}: Omit<FormFieldProps<T>, 'rules'> & { label?: string }) {
  const words = useWords();
  const least = SHORTEST_PASSWORD;
  return (
    <FormField
      form={form}
      name={name}
      type="password"
      label={label ?? words('doors.newPassword', { least })}
      autoComplete="new-password"
      rules={{ minLength: { value: least, message: words('doors.tooShort', { least }) } }}
    />
  );
}
