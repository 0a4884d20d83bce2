package venue.server.theme;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.model.theme.Look;
import venue.core.model.tokens.DesignTokens;
import venue.server.here.Here;

/** Looks as files of design tokens. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class TokensController {

    private static final int MOST_LETTERS = 500_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** A look as design tokens (DTCG 2025.10), handed over under the look's name. */
    @GetMapping("/tokens/{look}")
    ResponseEntity<Map<String, Object>> tokens(Here here, @PathVariable String look) {
        Look of = here.working().require(Look.class, look);
        ContentDisposition as = ContentDisposition.attachment()
                .filename(of.name() + ".tokens.json", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, as.toString())
                .body(DesignTokens.of(of));
    }

    /** A file of design tokens, as it was given. */
    record TokensFile(String json) {}

    /** What a file of design tokens comes to; nothing is made of it yet. */
    @PostMapping("/tokens")
    DesignTokens.TokensRead read(Here here, @RequestBody TokensFile file) {
        return DesignTokens.read(parsed(file.json()));
    }

    private static Map<?, ?> parsed(String json) {
        try {
            if (json.length() <= MOST_LETTERS && JSON.readValue(json, Object.class) instanceof Map<?, ?> file) {
                return file;
            }
        } catch (JacksonException e) {
            // Told below, the same for whatever is no object.
        }
        throw Refusal.badInput(
                "no-tokens",
                "json",
                "This is no file of design tokens.",
                "Give a JSON file as the Design Tokens format has them, of 500,000 characters at most.");
    }
}
