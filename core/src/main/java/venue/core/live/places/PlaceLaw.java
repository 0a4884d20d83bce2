package venue.core.live.places;

import java.util.ArrayList;
import java.util.List;

/**
 * The law by which places are given: first come, first served. Nobody passes the first in line, also where the first wants more than is
 * free; and no more are given than there are. What managers give all the same stands outside it.
 */
public final class PlaceLaw {

    private PlaceLaw() {}

    /**
     * Somebody in line.
     *
     * @param answer what they sent
     * @param people how many places they want
     */
    public record InLine<A>(A answer, int people) {}

    /** Whether whoever comes now has places at once. */
    public static boolean gives(int places, int given, int waiting, int people) {
        return waiting == 0 && (long) given + people <= places;
    }

    /** Those who move up, from the first on, until one wants more than is left. */
    public static <A> List<InLine<A>> movingUp(int places, int given, List<InLine<A>> line) {
        List<InLine<A>> up = new ArrayList<>();
        long all = given;
        for (InLine<A> next : line) {
            all += next.people();
            if (all > places) {
                break;
            }
            up.add(next);
        }
        return up;
    }
}
