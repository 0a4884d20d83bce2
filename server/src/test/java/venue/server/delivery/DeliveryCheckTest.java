package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;
import venue.store.delivery.Delivery;
import venue.store.delivery.Delivery.Bucket;
import venue.store.delivery.Delivery.Call;
import venue.store.delivery.Delivery.Goes;

class DeliveryCheckTest {

    private static final SiteId MOOR = new SiteId("moor");
    private static final Path DATA = Path.of("/var/lib/venue");
    private static final String ADDRESS = "https://www.moor.example";

    private static Delivery checked(String name, @Nullable Goes goes) {
        return DeliveryCheck.of(MOOR, "a1", name, goes, DATA, List.of());
    }

    private static Goes folder(String folder, String address) {
        return new Goes(folder, Bucket.NONE, Layout.AT_ADDRESSES, address, "", Call.NONE);
    }

    private static Goes bucket(String name, String prefix, String region, String endpoint) {
        return new Goes(
                "", new Bucket(endpoint, region, name, prefix, true, false), Layout.BY_HASH, ADDRESS, "", Call.NONE);
    }

    private static Goes call(String address, String method, List<String> headers) {
        return new Goes("/srv/www", Bucket.NONE, Layout.AT_ADDRESSES, ADDRESS, "", new Call(address, method, headers));
    }

    @Test
    void whatIsWrittenOtherwiseIsKeptAsItIsMeant() {
        Delivery delivery = checked("  Main ", folder("/srv/www/../site/", "HTTPS://WWW.Moor.example/"));
        assertThat(delivery.name()).isEqualTo("Main");
        assertThat(delivery.goes().folder()).isEqualTo("/srv/site");
        assertThat(delivery.goes().address()).isEqualTo(ADDRESS);
        Bucket bucket = checked("Main", bucket("moor-site", "/a/b_c/", "eu-central-1", "http://127.0.0.1:9000/"))
                .goes()
                .bucket();
        assertThat(bucket.where()).isEqualTo("s3://moor-site/a/b_c");
        assertThat(bucket.endpoint()).isEqualTo("http://127.0.0.1:9000");
        assertThat(checked("Main", call("https://network.example/x?y=z", "purge", List.of("X-Key")))
                        .goes()
                        .call())
                .isEqualTo(new Call("https://network.example/x?y=z", "PURGE", List.of("X-Key")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "a/b",
                "x\ny",
                "<b>",
                "name-of-sixty-one-letters-which-is-one-more-than-there-may-be-here"
            })
    void namesAreForPeopleAndForVerbs(String name) {
        refused("name", name, folder("/srv/www", ADDRESS));
    }

    @Test
    void twoOfOneSiteHaveTwoNames() {
        Delivery first = checked("Main", folder("/srv/www", ADDRESS));
        assertThat(DeliveryCheck.of(MOOR, "a1", "main", folder("/srv/www", ADDRESS), DATA, List.of(first))
                        .name())
                .as("its own is no other")
                .isEqualTo("main");
        assertThatThrownBy(
                        () -> DeliveryCheck.of(MOOR, "b2", "MAIN", folder("/srv/other", ADDRESS), DATA, List.of(first)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("already");
    }

    @ParameterizedTest
    @ValueSource(strings = {"srv/www", "/", "/var/lib/venue", "/var/lib/venue/media", "/var", "/srv/../var/lib/venue"})
    void foldersAreAbsoluteAndNotTheServersOwn(String folder) {
        refused("folder", "Main", folder(folder, ADDRESS));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "www.moor.example",
                "ftp://moor.example",
                "https://moor.example/site",
                "https://moor.example?x",
                "https://maja@moor.example",
                "https://",
                "javascript:alert(1)"
            })
    void addressesAreSchemeAndHost(String address) {
        refused("address", "Main", folder("/srv/www", address));
    }

    @ParameterizedTest
    @CsvSource({
        "bucket, Moor, '', '', ''",
        "bucket, ab, '', '', ''",
        "bucket, moor_site, '', '', ''",
        "prefix, moor-site, a//b, '', ''",
        "prefix, moor-site, ../b, '', ''",
        "prefix, moor-site, .venue, '', ''",
        "region, moor-site, '', eu central, ''",
        "endpoint, moor-site, '', '', storage.example",
        "endpoint, moor-site, '', '', https://storage.example/bucket"
    })
    void bucketsAreNamedAsStorageTakesThem(String field, String name, String prefix, String region, String endpoint) {
        refused(field, "Main", bucket(name, prefix, region, endpoint));
    }

    @Test
    void aCallIsOneThatCanBeMade() {
        refused("call", "Main", call("network.example", "POST", List.of()));
        refused("method", "Main", call("https://network.example", "GET", List.of()));
        refused("headers", "Main", call("https://network.example", "POST", List.of("X Key")));
        refused("headers", "Main", call("https://network.example", "POST", List.of("A", "B", "C", "D", "E", "F")));
        refused("goes", "Main", null);
        refused("goes", "Main", folder("", ADDRESS));
    }

    private static void refused(String field, String name, @Nullable Goes goes) {
        assertThatThrownBy(() -> checked(name, goes)).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.field()).isEqualTo(field);
            assertThat(refusal.fix()).isNotBlank();
        });
    }
}
