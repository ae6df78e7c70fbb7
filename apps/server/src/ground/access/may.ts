import type { Permission } from '@grevik/contracts';
import { type CustomDecorator, SetMetadata } from '@nestjs/common';

export const MAY = 'grevik:may';
export type Needed = Permission | 'anyone' | 'signed-in';

/** What a person must be allowed to use this endpoint. An endpoint without it is closed to all. */
export const May = (permission: Permission): CustomDecorator => SetMetadata(MAY, permission);

/** Open to whoever asks, signed in or not. */
export const Anyone = (): CustomDecorator => SetMetadata(MAY, 'anyone' satisfies Needed);

/** Open to everybody who is signed in, whatever their role: what concerns only themselves. */
export const SignedIn = (): CustomDecorator => SetMetadata(MAY, 'signed-in' satisfies Needed);
