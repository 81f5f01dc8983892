/** What someone’s own workspace is called until they call it otherwise. */
export const OWN_NAME = 'My workshop'
