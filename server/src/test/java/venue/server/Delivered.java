package venue.server;

import static venue.server.Answers.json;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;
import venue.server.app.FolderParts;
import venue.server.delivery.DeliveryRun;
import venue.server.delivery.DeliveryRuns;
import venue.server.live.HeldSite;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.workspace.Workspace;

/** A site of the demo whose releases a test sends itself, to places that no server knows of. */
final class Delivered {

    static final SiteId SITE = new SiteId("kestrel-moor");

    final Workspace workspace;
    final DeliveryRuns runs;
    private final FolderParts parts;

    Delivered(FolderParts parts, Deliveries deliveries) {
        this.parts = parts;
        workspace = parts.workspaces().find(SITE).orElseThrow();
        runs = new DeliveryRuns(
                parts.path(),
                parts.media(),
                deliveries,
                InstantSource.system(),
                ObjectStorage.ID,
                ObjectStorage.SECRET);
    }

    static Delivery to(Path folder, Layout layout, String address, String server) {
        return to(folder.toString(), Delivery.Bucket.NONE, layout, address, server);
    }

    static Delivery to(Delivery.Bucket bucket, Layout layout, String address) {
        return to("", bucket, layout, address, "");
    }

    private static Delivery to(String folder, Delivery.Bucket bucket, Layout layout, String address, String server) {
        return new Delivery(
                SITE,
                "of-the-test",
                "Test",
                new Delivery.Goes(folder, bucket, layout, address, server, Delivery.Call.NONE));
    }

    /** A bucket beneath {@code site/}, reached at a port of this machine. */
    static Delivery.Bucket bucket(int port) {
        return new Delivery.Bucket("http://127.0.0.1:" + port, "", ObjectStorage.BUCKET, "site", true, false);
    }

    /** As the interface sends it, for one to a folder. */
    static String asked(String name, String folder, String address) {
        return asked(name, folder, address, "", Map.of("address", "", "method", "", "headers", List.of()), Map.of());
    }

    /** The same with where pages ask, a call that tells a content network, and what its headers hold. */
    static String asked(
            String name,
            String folder,
            String address,
            String server,
            Map<String, Object> call,
            Map<String, String> headers) {
        Map<String, Object> bucket =
                Map.of("endpoint", "", "region", "", "name", "", "prefix", "", "pathStyle", false, "redirects", false);
        Map<String, Object> goes = Map.of(
                "folder",
                folder,
                "bucket",
                bucket,
                "layout",
                "AT_ADDRESSES",
                "address",
                address,
                "server",
                server,
                "call",
                call);
        return Client.json("name", name, "goes", goes, "headers", headers);
    }

    DeliveryRun.Outcome send(Delivery delivery) {
        return runs.run(workspace, delivery, (doing, done, of, bytes) -> {});
    }

    /** Another change each time: of text, a title, an address, and of what is to be seen at all. */
    void release(Client maja, int number) {
        String mark = number + "-" + workspace.now().release();
        String page = List.of("night-walks", "welcome", "glossary", "volunteer").get(number % 4);
        HttpResponse<String> done = switch (page) {
            case "welcome" ->
                maja.give(
                        "set-value",
                        "item",
                        page,
                        "section",
                        "welcome-main1",
                        "element",
                        "e1",
                        "key",
                        "text",
                        "value",
                        "Release " + mark);
            case "glossary" -> maja.give("set-title", "page", page, "title", "Words " + mark);
            case "volunteer" -> maja.give("set-segment", "page", page, "segment", "volunteer-" + mark);
            default -> {
                boolean off = workspace.now().live().plan().isShown(page);
                yield maja.give("withdraw-page", "page", page, "withdrawn", off);
            }
        };
        json(done);
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of(page), "note", "")));
    }

    Map<String, HeldSite.Answer> answers(String address) throws IOException {
        Map<String, HeldSite.Answer> all = new HashMap<>();
        new HeldSite(workspace, parts.media(), address, Instant.now()).each(a -> all.put(a.path(), a));
        return all;
    }

    static byte[] body(HeldSite.Answer answer) throws IOException {
        Path file = answer.content().file();
        return file == null ? answer.content().bytes() : Files.readAllBytes(file);
    }
}
