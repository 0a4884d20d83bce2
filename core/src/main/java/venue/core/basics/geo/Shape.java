package venue.core.basics.geo;

import java.util.List;

/**
 * A shape on the ground (WGS 84).
 *
 * @param area whether what it encloses belongs to it
 */
public record Shape(List<Spot> spots, boolean area) {

    /** A spot, in degrees. */
    public record Spot(double longitude, double latitude) {}

    public Shape {
        spots = List.copyOf(spots);
    }

    /** Whether it is a single spot. */
    public boolean isSpot() {
        return spots.size() == 1;
    }
}
