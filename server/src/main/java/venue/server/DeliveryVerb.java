package venue.server;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import venue.core.basics.fault.Refusal;
import venue.core.live.delivery.Layout;
import venue.server.delivery.DeliveryCheck;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.delivery.DeliveryState;
import venue.store.record.Deed;
import venue.store.workspace.Workspace;

/** The places to which the releases of a site go, for whoever has its server. */
@Command(
        name = "delivery",
        description = "Adds, lists and removes the places to which the releases of a site go.",
        mixinStandardHelpOptions = true)
final class DeliveryVerb implements Runnable {

    private static final int ID_BYTES = 6;
    private static final String S3 = "s3://";

    @Spec
    @Nullable
    CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                new CommandLine(this), "delivery wants one of add, list, remove; --help tells more.");
    }

    @Command(name = "add", description = "Adds one.", mixinStandardHelpOptions = true)
    int add(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(names = "--name", required = true, description = "What it is called.") String name,
            @CommandLine.Mixin Place place) {
        try (OwnFolder own = data.open()) {
            Workspace workspace = site.in(own);
            Deliveries all = new Deliveries(own.parts().database());
            byte[] id = new byte[ID_BYTES];
            new SecureRandom().nextBytes(id);
            Delivery delivery = DeliveryCheck.of(
                    workspace.site(),
                    HexFormat.of().formatHex(id),
                    name,
                    place.goes(data),
                    own.parts().path(),
                    all.of(workspace.site()));
            all.put(delivery, Instant.now());
            all.keep(delivery, DeliveryState.NEVER);
            own.record(Deed.DELIVERY_SET, workspace.site(), delivery.name());
            data.say(line(delivery, DeliveryState.NEVER));
        }
        return 0;
    }

    @Command(name = "list", description = "Lists them: name, place, release, state.", mixinStandardHelpOptions = true)
    int list(@CommandLine.Mixin Data data, @CommandLine.Mixin NamedSite site) {
        try (OwnFolder own = data.look()) {
            Deliveries all = new Deliveries(own.parts().database());
            all.of(site.in(own).site()).forEach(d -> data.say(line(d, all.state(d))));
        }
        return 0;
    }

    @Command(
            name = "remove",
            description = "Forgets one; what was sent stays where it lies.",
            mixinStandardHelpOptions = true)
    int remove(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(names = "--name", required = true, description = "What it is called.") String name) {
        try (OwnFolder own = data.open()) {
            Workspace workspace = site.in(own);
            Deliveries all = new Deliveries(own.parts().database());
            Delivery delivery = named(all, workspace, name);
            all.remove(delivery);
            own.record(Deed.DELIVERY_REMOVED, workspace.site(), delivery.name());
        }
        return 0;
    }

    static Delivery named(Deliveries all, Workspace workspace, String name) {
        return all.of(workspace.site()).stream()
                .filter(d -> d.name().equalsIgnoreCase(name) || d.id().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("delivery", name));
    }

    private static String line(Delivery delivery, DeliveryState state) {
        String stands = state.trouble() == null ? "" : "\t" + state.trouble().says();
        return delivery.name() + "\t" + delivery.goes().where() + "\trelease " + state.release() + stands;
    }

    /** Where it goes. */
    static final class Place {

        @Option(names = "--folder", description = "An empty folder of this machine.")
        @Nullable
        Path folder;

        @Option(names = "--s3", description = "A bucket and what keys begin with: s3://BUCKET/PREFIX.")
        @Nullable
        String bucket;

        @Option(names = "--endpoint", description = "The address of the object storage.", defaultValue = "")
        String endpoint = "";

        @Option(names = "--region", description = "Its region.", defaultValue = "")
        String region = "";

        @Option(names = "--path-style", description = "The bucket stands in the path, not in the host name.")
        boolean pathStyle;

        @Option(names = "--redirects", description = "Objects that lead on say so to a website bucket.")
        boolean redirects;

        @Option(
                names = "--layout",
                description =
                        "addresses: each at its address. hash: by hash, for nginx, in one move (${DEFAULT-VALUE}).",
                defaultValue = "addresses")
        String layout = "addresses";

        @Option(
                names = "--public-address",
                required = true,
                description = "Scheme and host at which visitors reach it.")
        String address = "";

        @Option(
                names = "--server-address",
                description = "Where this server answers visitors what files can't.",
                defaultValue = "")
        String server = "";

        Delivery.Goes goes(Data data) {
            String lies = layout.toLowerCase(Locale.ROOT);
            if (!lies.equals("addresses") && !lies.equals("hash")) {
                throw Refusal.badInput(
                        "unfit-delivery", "layout", "There is no layout “" + layout + "”.", "Say addresses or hash.");
            }
            return new Delivery.Goes(
                    folder == null ? "" : data.file(folder).toAbsolutePath().toString(),
                    bucket(),
                    lies.equals("hash") ? Layout.BY_HASH : Layout.AT_ADDRESSES,
                    address,
                    server,
                    Delivery.Call.NONE);
        }

        private Delivery.Bucket bucket() {
            String words = Objects.requireNonNullElse(bucket, "");
            if (words.isEmpty()) {
                return Delivery.Bucket.NONE;
            }
            if (!words.startsWith(S3)) {
                throw Refusal.badInput(
                        "unfit-delivery", "s3", words + " is no bucket.", "Write it as s3://BUCKET/PREFIX.");
            }
            String[] parts = words.substring(S3.length()).split("/", 2);
            return new Delivery.Bucket(
                    endpoint, region, parts[0], parts.length > 1 ? parts[1] : "", pathStyle, redirects);
        }
    }
}
