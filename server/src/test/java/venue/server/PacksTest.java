package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.carry.compose.Compose;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.store.media.MediaFiles;
import venue.store.pack.PackWriter;
import venue.store.workspace.Packs;
import venue.store.workspace.Workspaces;

/** Packs over HTTP: saved, looked at, read in one step, and refused to whoever they are none of the business of. */
class PacksTest extends TwoAtWork {

    private static final SiteId KESTREL_MOOR = new SiteId("kestrel-moor");

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final String PACKS = SITE + "/packs";
    private static final String UNDER = "{\"differing\":\"MINE\",\"each\":{},\"how\":\"UNDER\",\"wearItsLook\":false}";

    @Autowired
    private Workspaces workspaces;

    @Autowired
    private MediaFiles files;

    private byte[] pack(String item) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PackWriter.write(workspaces.require(KESTREL_MOOR).packs().save(item, false), files, out);
        return out.toByteArray();
    }

    @Test
    void aPageIsLookedAtReadAndTakenBackInOneStep() throws IOException {
        JsonNode looked = json(maja.upload(PACKS, "Visit.venuepack", pack("visit")));
        assertThat(looked.at("/report/fresh").size()).isZero();
        assertThat(looked.get("lacking").size()).isZero();
        String at = PACKS + "/" + looked.get("id").asString();
        String beside = UNDER.replace("UNDER", "IN_PLACE_OF").replace("\"how\"", "\"at\":\"tonight\",\"how\"");
        JsonNode placed = json(maja.post(at + "/look", beside));
        assertThat(placed.at("/report/fresh/0/address").asString()).isEqualTo("/tonight");
        assertThat(json(maja.get(at)).get("done").asInt()).isZero();
        JsonNode read = json(maja.post(at + "/read", beside));
        assertThat(json(maja.get(SITE)).get("undo").asString())
                .isEqualTo(read.get("name").asString());
        json(maja.post(SITE + "/undo", "{}"));
        assertThat(json(maja.get(SITE + "/pages/tonight/sheet")).toString()).doesNotContain("\"title\":\"Visit\"");
        refused(maja.get(at), 404, "unknown-pack");
        assertThat(maja.get("/api/record?site=kestrel-moor").body()).contains("PACK_READ");
    }

    @Test
    void whatIsNoPackAndWhoeverMayNotAreRefused() throws IOException {
        byte[] none = "no pack".getBytes(StandardCharsets.UTF_8);
        HttpResponse<String> answer = maja.upload(PACKS, "x.venuepack", none);
        refused(answer, 422, "bad-pack");
        assertThat(answer.body()).contains("no zip");
        refused(tomas.upload(PACKS, "x.venuepack", pack("plain")), 403, "managers-only");
        refused(tomas.get(SITE + "/pack"), 403, "managers-only");
        refused(maja.get(SITE + "/pack?item=nothing"), 404, "unknown-item");
        refused(maja.get(SITE + "/pack?item=main"), 422, "no-pack");
        String id =
                json(maja.upload(PACKS, "x.venuepack", pack("plain"))).get("id").asString();
        refused(tomas.post(PACKS + "/" + id + "/read", UNDER), 403, "managers-only");
        refused(maja.post(PACKS + "/" + id + "/look", UNDER.replace("UNDER", "IN_PLACE_OF")), 422, "no-page-in-pack");
        refused(maja.post(PACKS + "/" + id + "/look", UNDER.replace("MINE", "OURS")), 400, "unreadable");
        assertThat(maja.send("DELETE", PACKS + "/" + id, "", "").statusCode()).isEqualTo(200);
        refused(maja.post(PACKS + "/" + id + "/read", UNDER), 404, "unknown-pack");
    }

    @Test
    void aReportRefusesWhatItsReadingWouldRefuse() {
        Packs packs = workspaces.require(KESTREL_MOOR).packs();
        Pack pack = packs.save("visit", false);
        Section scripted = Compose.section("bad", "Bad", Compose.text("<p>x</p><script>alert(1)</script>"));
        List<Pack.Packed> items = pack.items().stream()
                .map(p -> p.item() instanceof Page page && page.id().equals("visit")
                        ? new Pack.Packed(page.withZones(new Zones(Map.of("main", List.of(scripted)))), p.identity())
                        : p)
                .toList();
        Pack bad = new Pack(pack.holds(), pack.root(), items, pack.outside(), pack.pasts());
        assertThatThrownBy(() -> packs.look(bad, ReadAsked.all(ReadAsked.Differing.THEIRS)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("not-clean"));
    }

    @Test
    void aPackIsHandedOverUnderItsName() {
        HttpResponse<String> saved = maja.get(SITE + "/pack?item=visit");
        assertThat(saved.headers().firstValue("Content-Type")).contains(PackWriter.MEDIA_TYPE);
        assertThat(saved.headers().firstValue("Content-Disposition").orElse(""))
                .startsWith("attachment")
                .contains("visit.venuepack");
        assertThat(saved.body()).startsWith("PK");
        JsonNode branch = json(maja.get(SITE + "/pack/held?item=visit"));
        JsonNode alone = json(maja.get(SITE + "/pack/held?page=visit"));
        assertThat(branch.at("/items/0/items").asInt())
                .isGreaterThan(alone.at("/items/0/items").asInt());
        assertThat(alone.get("name").asString()).isEqualTo("Visit");
        refused(tomas.get(SITE + "/pack/held?page=visit"), 403, "managers-only");
        refused(maja.get(SITE + "/pack?page=nothing"), 404, "unknown-page");
        refused(maja.get(SITE + "/pack?page=" + "visit,".repeat(200)), 422, "too-many-pages");
    }

    @Test
    void pagesOfAWholeSiteAreDrawnAndComeWithWhatTheyNeedAlone() throws IOException {
        JsonNode looked = json(maja.upload(PACKS, "Site.venuepack", pack("site")));
        String id = looked.get("id").asString();
        assertThat(looked.get("pages").size()).isGreaterThan(40);
        String some = UNDER.replace("\"how\"", "\"pages\":[\"visit\"],\"how\"").replace("{}", "{\"visit\":\"BOTH\"}");
        JsonNode chosen = json(maja.post(PACKS + "/" + id + "/look", some));
        assertThat(chosen.at("/report/holds").asString()).isEqualTo("PAGE");
        assertThat(chosen.at("/report/steps").asInt()).isEqualTo(1);
        assertThat(chosen.get("files").asInt()).isLessThan(looked.get("files").asInt());
        refused(maja.post(PACKS + "/" + id + "/look", some.replace("[\"visit\"]", "[]")), 422, "no-page-chosen");
        JsonNode drawn = json(maja.get(SITE + "/drawings?of=pack/" + id + "/visit&of=pack/gone/visit"));
        assertThat(drawn.at("/0/html").asString()).contains("<h1");
        assertThat(drawn.get(1).has("html")).isFalse();
        refused(tomas.get(SITE + "/drawings?of=pack/" + id + "/visit"), 403, "managers-only");
    }
}
