package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The description of the API that the interface's types are made from is the server's own. */
@SharedServerTest
class OpenApiTest {

    private static final Path KEPT = Path.of("../web/src/api/openapi.json");

    @LocalServerPort
    private int port;

    @Test
    void theKeptDescriptionIsTheServersOwn() throws IOException {
        JsonMapper mapper = JsonMapper.builder()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(SerializationFeature.INDENT_OUTPUT)
                .build();
        ObjectNode now = (ObjectNode) mapper.readTree(
                Client.signedIn(port, "maja").get("/api/openapi").body());
        now.remove("servers");
        String sorted = mapper.writeValueAsString(mapper.treeToValue(now, java.util.TreeMap.class)) + "\n";
        if (Boolean.getBoolean("venue.rewrite")) {
            Files.writeString(KEPT, sorted);
        }
        assertThat(mapper.readTree(Files.readString(KEPT)))
                .as("run ./venue test -Dvenue.rewrite=true to take the new description over")
                .isEqualTo(mapper.readTree(sorted));
    }
}
