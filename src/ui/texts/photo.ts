export const photo = {
  take: 'Take or choose a photo',
  again: 'Another photo',
  remove: 'Take it out',
  hint: 'It is made smaller here, and where it was taken is left out.',
  noPhoto: 'This file is no picture that can be read. Choose a JPEG, PNG or WebP.',
} as const
