/** Letters: written in the reader's words, sent by SMTP where that is set up. */
@NullMarked
package venue.server.mail;

import org.jspecify.annotations.NullMarked;
