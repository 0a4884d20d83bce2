/** Whether the words of a section can be read on what lies behind them (WCAG 2.2, 1.4.3). */
@NullMarked
package venue.core.show.legibility;

import org.jspecify.annotations.NullMarked;
