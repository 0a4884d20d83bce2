package venue.core.basics.geo;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the shapes of a GeoJSON text (RFC 7946): of a geometry, a feature, or a collection of either. */
public final class GeoJson {

    /** More spots than these draw nothing that one could still see. */
    private static final int MOST_SPOTS = 20_000;

    private static final int DEEPEST = 8;
    private static final double MOST_LONGITUDE = 180;
    private static final double MOST_LATITUDE = 90;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final List<Shape> shapes = new ArrayList<>();
    private int spots;

    private GeoJson() {}

    /** Its shapes, in order; none where the text is no GeoJSON, names spots that are nowhere, or has more than 20,000. */
    public static List<Shape> read(String text) {
        GeoJson read = new GeoJson();
        try {
            read.add(MAPPER.readTree(text), 0);
        } catch (JacksonException | IllegalArgumentException e) {
            return List.of();
        }
        return List.copyOf(read.shapes);
    }

    private void add(JsonNode node, int depth) {
        require(depth < DEEPEST);
        JsonNode at = node.path("coordinates");
        switch (node.path("type").asString("")) {
            case "FeatureCollection" -> node.path("features").forEach(f -> add(f, depth + 1));
            case "GeometryCollection" -> node.path("geometries").forEach(g -> add(g, depth + 1));
            case "Feature" -> {
                if (!node.path("geometry").isNull()) {
                    add(node.path("geometry"), depth + 1);
                }
            }
            case "Point" -> shape(List.of(spot(at)), false);
            case "MultiPoint" -> at.forEach(p -> shape(List.of(spot(p)), false));
            case "LineString" -> shape(line(at), false);
            case "MultiLineString" -> at.forEach(l -> shape(line(l), false));
            case "Polygon" -> at.forEach(r -> shape(line(r), true));
            case "MultiPolygon" -> at.forEach(p -> p.forEach(r -> shape(line(r), true)));
            default -> require(false);
        }
    }

    private void shape(List<Shape.Spot> line, boolean area) {
        require(!line.isEmpty());
        spots += line.size();
        require(spots <= MOST_SPOTS);
        shapes.add(new Shape(line, area));
    }

    private static List<Shape.Spot> line(JsonNode positions) {
        List<Shape.Spot> line = new ArrayList<>();
        positions.forEach(p -> line.add(spot(p)));
        return line;
    }

    private static Shape.Spot spot(JsonNode position) {
        require(position.path(0).isNumber() && position.path(1).isNumber());
        double longitude = position.path(0).asDouble();
        double latitude = position.path(1).asDouble();
        require(Math.abs(longitude) <= MOST_LONGITUDE && Math.abs(latitude) <= MOST_LATITUDE);
        return new Shape.Spot(longitude, latitude);
    }

    private static void require(boolean sound) {
        if (!sound) {
            throw new IllegalArgumentException("no GeoJSON");
        }
    }
}
