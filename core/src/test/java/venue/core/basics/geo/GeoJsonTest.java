package venue.core.basics.geo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shapes read from GeoJSON (RFC 7946). */
class GeoJsonTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'type':'Point','coordinates':[-1.5,54.2]}|1|1|false",
                "{'type':'MultiPoint','coordinates':[[1,2],[3,4]]}|2|1|false",
                "{'type':'LineString','coordinates':[[1,2],[3,4,99],[5,6]]}|1|3|false",
                "{'type':'MultiLineString','coordinates':[[[1,2],[3,4]],[[5,6],[7,8]]]}|2|2|false",
                "{'type':'Polygon','coordinates':[[[0,0],[1,0],[1,1],[0,0]]]}|1|4|true",
                "{'type':'MultiPolygon','coordinates':[[[[0,0],[1,0],[1,1],[0,0]]],[[[5,5],[6,5],[6,6],[5,5]]]]}|2|4|true",
                "{'type':'Feature','properties':{'a':1},'geometry':{'type':'Point','coordinates':[1,2]}}|1|1|false"
            })
    void everyGeometryIsRead(String text, int shapes, int spots, boolean area) {
        List<Shape> read = GeoJson.read(text.replace('\'', '"'));
        assertThat(read).hasSize(shapes).allSatisfy(s -> {
            assertThat(s.spots()).hasSize(spots);
            assertThat(s.area()).isEqualTo(area);
        });
        String collected = "{'type':'FeatureCollection','features':[{'type':'Feature','geometry':null},"
                + "{'type':'Feature','geometry':{'type':'GeometryCollection','geometries':[" + geometry(text) + "]}}]}";
        assertThat(GeoJson.read(collected.replace('\'', '"'))).isEqualTo(read);
    }

    private static String geometry(String text) {
        return text.contains("Feature") ? "{'type':'Point','coordinates':[1,2]}" : text;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "a path",
                "[]",
                "{'type':'Circle','coordinates':[1,2]}",
                "{'type':'Point','coordinates':['x',2]}",
                "{'type':'Point','coordinates':[1,200]}",
                "{'type':'LineString','coordinates':[]}",
                "{'type':'FeatureCollection','features':[{'type':'Point'}]}"
            })
    void whatIsNoneHasNoShapes(String text) {
        assertThat(GeoJson.read(text.replace('\'', '"'))).isEmpty();
    }

    @Test
    void whatIsTooMuchOrTooDeepHasNoShapes() {
        String many = "[1,2],".repeat(20_000) + "[1,2]";
        assertThat(GeoJson.read("{\"type\":\"LineString\",\"coordinates\":[" + many + "]}"))
                .isEmpty();
        String deep = "{\"type\":\"GeometryCollection\",\"geometries\":[".repeat(5_000);
        assertThat(GeoJson.read(deep)).isEmpty();
    }
}
