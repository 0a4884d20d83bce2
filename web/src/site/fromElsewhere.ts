/** Facts of the site that let something in from elsewhere; they say nothing of who is behind it. */
export const FROM_ELSEWHERE = ['frameHosts', 'tileServer', 'tileWords']
