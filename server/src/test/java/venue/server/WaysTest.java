package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The ways through the API that the interface goes. */
@ServerTest
class WaysTest {

    private static final String SITE = "/api/sites/kestrel-moor";

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    @Test
    void thePlanGivesAllRowsAndThenOnlyWhatDiffers() {
        JsonNode whole = json(maja.get(SITE + "/news")).get("plan");
        assertThat(whole.get("whole").asBoolean()).isTrue();
        assertThat(whole.get("rows").size())
                .isEqualTo(whole.get("order").size())
                .isGreaterThan(40);
        json(maja.give("set-value", "item", "glossary", "key", "summary", "value", "Words"));
        JsonNode part = json(maja.get(SITE + "/news?since=" + whole.get("step").asLong()))
                .get("plan");
        assertThat(part.get("whole").asBoolean()).isFalse();
        assertThat(part.get("rows").size()).isEqualTo(1);
        assertThat(part.get("rows").get(0).get("state").asString()).isEqualTo("CHANGED");
        assertThat(part.has("order")).isFalse();
    }

    @Test
    void aStepIsToldByNameAndUndoneByWhoeverDidIt() {
        json(maja.give("set-title", "page", "schools", "title", "For schools"));
        assertThat(json(maja.get(SITE)).get("undo").asString()).isEqualTo("title of Schools");
        Client tomas = Client.signedIn(port, "tomas");
        assertThat(tomas.post(SITE + "/undo", "{}").statusCode()).isEqualTo(409);
        assertThat(json(maja.post(SITE + "/undo", "{}")).get("name").asString()).isEqualTo("title of Schools");
        assertThat(json(maja.get(SITE + "/pages/schools")).get("title").asString())
                .isEqualTo("Schools");
        assertThat(json(maja.post(SITE + "/redo", "{}")).get("items").get(0).asString())
                .isEqualTo("schools");
    }

    @Test
    void aPageTellsWhatItWearsWhereItStandsAndWhatIsLeft() {
        JsonNode page = json(maja.get(SITE + "/pages/open-nights"));
        assertThat(page.get("wornBecause").asString()).isEqualTo("CHOSEN");
        assertThat(page.get("toFill").get(0).get("sectionName").asString()).isEqualTo("What to bring");
        JsonNode sections = page.get("zones").get(0).get("sections");
        assertThat(sections.findValuesAsString("lineage")).contains("OWN", "IN_STEP");
        JsonNode fixed = page.get("zones").get(1).get("fixed").get(0);
        assertThat(fixed.get("reach").asString()).isEqualTo("TEMPLATE");
        assertThat(fixed.get("pages").asInt()).isEqualTo(5);
        assertThat(json(maja.get(SITE + "/pages/visit/home-effects")).get(0).asString())
                .contains("/ shows “Visit”");
        assertThat(json(maja.get(SITE + "/pages/open-nights/fitting")).findValuesAsString("template"))
                .contains("home", "landing", "wide");
    }

    @Test
    void whatMayStandWhereIsAnsweredWithReasons() {
        JsonNode here = json(maja.get(SITE + "/places?parent=visit"));
        assertThat(here.findValuesAsString("whyNot"))
                .contains("stand beneath News only", "stand beneath Open nights only");
        JsonNode article = json(maja.get(SITE + "/kinds/article/places"));
        article.forEach(p -> assertThat(p.has("whyNot"))
                .isEqualTo(!p.path("parent").asString("").equals("news")));
        JsonNode taken = json(maja.get(SITE + "/addresses?parent=visit&title=Opening%20times"));
        assertThat(taken.get("address").asString()).isEqualTo("/visit/opening-times-2");
        assertThat(taken.get("taken").asString()).isEqualTo("Opening times");
    }

    @Test
    void aPictureIsTakenInOnceHoweverOftenItComes() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(700, 500, BufferedImage.TYPE_INT_RGB), "jpg", out);
        JsonNode first = json(maja.upload(SITE + "/media", out.toByteArray()));
        assertThat(first.get("name").asString()).isEqualTo("A loom");
        assertThat(json(maja.upload(SITE + "/media", out.toByteArray())).get("id"))
                .isEqualTo(first.get("id"));
        assertThat(maja.visit(first.get("thumb").asString()).statusCode()).isEqualTo(200);
    }

    @Test
    void aReleaseIsLookedAtMadeAndGoneBackFrom() {
        json(maja.give("set-segment", "page", "tonight", "segment", "this-evening"));
        JsonNode waiting = json(maja.get(SITE + "/releases/waiting"));
        assertThat(waiting.get("changes").findValuesAsString("item")).contains("tonight");
        JsonNode preview =
                json(maja.post(SITE + "/releases/preview", Client.json("items", List.of("tonight"), "note", "")));
        assertThat(preview.get("notes").get(0).asString())
                .isEqualTo("1 old address will redirect to where the page is now.");
        int before = waiting.get("release").asInt();
        json(maja.post(SITE + "/releases", Client.json("items", List.of("tonight"), "note", "Evening")));
        assertThat(maja.visit("/this-evening").statusCode()).isEqualTo(200);
        assertThat(maja.visit("/tonight").headers().firstValue("location")).contains("/this-evening");
        json(maja.give("remove-page", "page", "tonight"));
        json(maja.post(SITE + "/releases", Client.json("items", List.of("tonight"), "note", "Not tonight")));
        assertThat(maja.visit("/tonight/").statusCode()).isEqualTo(410);
        assertThat(maja.visit("/this-evening").statusCode()).isEqualTo(410);
        json(maja.post(SITE + "/releases/" + before + "/return", "{}"));
        assertThat(maja.visit("/tonight").statusCode()).isEqualTo(200);
        assertThat(maja.visit("/this-evening").headers().firstValue("location")).contains("/tonight");
        assertThat(json(maja.get(SITE + "/releases")).findValuesAsString("note"))
                .contains("Evening", "Back to release " + before);
    }

    @Test
    void theSitemapsTableAgreesWithTheSitemap() {
        JsonNode table = json(maja.get(SITE + "/sitemap"));
        long held =
                table.get("rows").valueStream().filter(r -> !r.has("whyNot")).count();
        assertThat(held).isEqualTo(table.get("held").asInt());
        String xml = maja.visit("/sitemap.xml").body();
        assertThat(xml.split("<loc>", -1)).hasSize((int) held + 1);
        assertThat(maja.get(SITE + "/sitemap.xml").body()).isEqualTo(xml);
        assertThat(table.get("rows").findValuesAsString("whyNot")).contains("a draft, not released yet");
    }

    @Test
    void theThemesScreenHasAPageOfEveryKindAndItsContrast() {
        JsonNode theme = json(maja.get(SITE + "/theme"));
        assertThat(theme.get("sheets").findValuesAsString("kind"))
                .contains("Standard page", "Landing page", "Article", "Instrument", "Open night", "Person");
        assertThat(theme.get("looks").size())
                .as("ten that are ready made, one of its own")
                .isEqualTo(11);
        assertThat(theme.get("reaches").get("header").get("without").values())
                .extracting(JsonNode::asString)
                .containsExactly("Landing");
        theme.get("contrast").forEach(c -> assertThat(c.get("ratio").asDouble()).isGreaterThanOrEqualTo(4.5));
    }

    @Test
    void aSettingOfTheThemeRefusesByNameWhatItCannotBe() {
        String[][] wrong = {
            {"dusk", "colourQuiet", "\"red\"", "wrong-value"},
            {"dusk", "lineWeight", "9", "out-of-range"},
            {"dusk", "captionPlace", "\"sideways\"", "wrong-value"},
            {"dusk", "colourBackground", "\"#FFFFFF\"", "unknown-property"},
            {"site", "act", "\"" + "x".repeat(25) + "\"", "too-long"},
            {"site", "actLink", "\"javascript:alert(1)\"", "link-not-allowed"},
            {"site", "logoWide", "30000", "out-of-range"},
            {"site", "notices", "[{\"words\":\"Closed\",\"tone\":\"loud\"}]", "wrong-value"},
        };
        for (String[] of : wrong) {
            HttpResponse<String> answer = maja.command(set(of[0], of[1], of[2]));
            refused(answer, 422, of[3]);
            assertThat(answer.body()).contains("\"field\":\"" + of[1]);
        }
        refused(maja.command(set("site", "logo", "\"lost\"")), 404, "unknown-media");
    }

    @Test
    void aLookGoesOutAsDesignTokensAndComesInAgain() {
        HttpResponse<String> out = maja.get(SITE + "/theme/tokens/press");
        assertThat(out.headers().firstValue("Content-Disposition").orElse("")).contains("Press.tokens.json");
        assertThat(json(out)
                        .get("palette")
                        .get("colourAccent")
                        .get("$value")
                        .get("hex")
                        .asString())
                .isEqualTo("#D8F04A");
        JsonNode read = json(maja.post(SITE + "/theme/tokens", Client.json("json", out.body())));
        assertThat(read.get("unknown").size()).isZero();
        assertThat(read.get("settings").get("cardShape").asString()).isEqualTo("ruled");
        json(maja.give("bring-look", "id", "printed", "name", "Printed", "settings", Map.of("cardShape", "ruled")));
        refused(maja.give("bring-look", "id", "again", "name", "Printed", "settings", Map.of()), 409, "name-taken");
        refused(maja.post(SITE + "/theme/tokens", Client.json("json", "[1]")), 422, "no-tokens");
        refused(maja.post(SITE + "/theme/tokens", Client.json("json", "{")), 422, "no-tokens");
        refused(maja.get(SITE + "/theme/palettes?of=red"), 422, "bad-colour");
        assertThat(json(maja.get(SITE + "/theme/palettes?of=A85723&and=12202F")).size())
                .isEqualTo(4);
        refused(maja.give("take-parts", "look", "dusk", "from", "press", "parts", List.of("hat")), 422, "unknown-part");
        json(maja.give("take-parts", "look", "dusk", "from", "press", "parts", List.of("lists")));
        JsonNode theme = json(maja.get(SITE + "/theme"));
        assertThat(theme.get("settings").get("cardShape").asString()).isEqualTo("ruled");
        assertThat(theme.get("settings").get("headerShape").asString()).isEqualTo("over");
        assertThat(json(maja.get(SITE + "/theme/style")).get("css").asString()).startsWith("@font-face");
    }

    @Test
    void whatIsTriedChangesNothingAndIsHeldToItsDeclaration() {
        String before = json(maja.get(SITE)).get("step").asString();
        assertThat(json(maja.get(SITE + "/theme/trial?key=colourAccent&value=%237A3FA0"))
                        .get("tokens")
                        .asString())
                .contains("--accent:#7A3FA0");
        assertThat(json(maja.get(SITE + "/theme/trial?key=pageWidth&value=900"))
                        .get("tokens")
                        .asString())
                .contains("--page-width:900px");
        refused(maja.get(SITE + "/theme/trial?key=colourAccent&value=red"), 422, "wrong-value");
        refused(maja.get(SITE + "/theme/trial?key=pageWidth&value=9"), 422, "out-of-range");
        refused(maja.get(SITE + "/theme/trial?key=moon&value=9"), 422, "unknown-property");
        assertThat(json(maja.get(SITE + "/theme/logo-colours")).size()).isZero();
        JsonNode style = json(maja.get(SITE + "/theme/style"));
        assertThat(style.get("css").asString()).contains(style.get("tokens").asString());
        assertThat(json(maja.get(SITE)).get("step").asString()).isEqualTo(before);
    }

    @Test
    void whatIsNoFontIsNoneAndAColumnIsThere() {
        refused(maja.command(set("dusk", "headingFile", "\"field\"")), 422, "no-font");
        refused(maja.command(set("dusk", "headingFile", "\"nowhere\"")), 404, "unknown-media");
        refused(maja.command(set("dusk", "toneFirst", "\"greenish\"")), 422, "wrong-value");
        refused(
                maja.give(
                        "set-value",
                        "item",
                        "visit",
                        "section",
                        "visit-main2",
                        "column",
                        "c9",
                        "key",
                        "ground",
                        "value",
                        "deep"),
                404,
                "unknown-column");
        refused(
                maja.give(
                        "set-value",
                        "item",
                        "visit",
                        "section",
                        "visit-main2",
                        "column",
                        "c1",
                        "key",
                        "ground",
                        "value",
                        "pink"),
                422,
                "wrong-value");
    }

    private static String set(String item, String key, String json) {
        return "{\"verb\":\"set-value\",\"item\":\"" + item + "\",\"key\":\"" + key + "\",\"value\":" + json + "}";
    }
}
