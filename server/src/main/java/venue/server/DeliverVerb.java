package venue.server;

import java.time.InstantSource;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.live.delivery.Steps;
import venue.server.delivery.DeliveryRun;
import venue.server.delivery.DeliveryRuns;
import venue.server.delivery.TargetTrouble;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.workspace.Workspace;

/** The live release of a site, brought to one of its places now. */
@Command(
        name = "deliver",
        description = "Brings the live release of a site to one of its places. 1 where that place can't take it now.",
        mixinStandardHelpOptions = true)
final class DeliverVerb implements Callable<Integer> {

    private static final int IN_VAIN = 1;

    @CommandLine.Mixin
    Data data = new Data();

    @CommandLine.Mixin
    NamedSite site = new NamedSite();

    @Option(names = "--to", required = true, description = "The name of the delivery.")
    String to = "";

    @Option(names = "--dry-run", description = "Says what would be done, and does nothing.")
    boolean dry;

    @Override
    public Integer call() {
        try (OwnFolder own = dry ? data.look() : data.open()) {
            Workspace workspace = site.in(own);
            Deliveries all = new Deliveries(own.parts().database());
            Delivery delivery = DeliveryVerb.named(all, workspace, to);
            if (workspace.now().release() == 0) {
                throw Refusal.badInput(
                        "not-released", "site", "This site has not been released yet.", "Release it, then deliver it.");
            }
            DeliveryRuns runs = runs(own, all);
            if (dry) {
                foreseen(runs.foreseen(workspace, delivery));
            } else {
                told(runs.run(workspace, delivery, (doing, done, of, bytes) -> {}));
            }
            return 0;
        } catch (TargetTrouble trouble) {
            data.complain(trouble.says() + " " + trouble.fix());
            return IN_VAIN;
        }
    }

    private static DeliveryRuns runs(OwnFolder own, Deliveries all) {
        Map<String, Object> set = Configured.read(own.parts().path(), System.getenv());
        return new DeliveryRuns(
                own.parts().path(),
                own.media(),
                all,
                InstantSource.system(),
                text(set, "s3-key-id"),
                text(set, "s3-key-secret"));
    }

    private static @Nullable String text(Map<String, Object> set, String key) {
        return Optional.ofNullable(set.get(Configured.property(key)))
                .map(String::valueOf)
                .orElse(null);
    }

    private void foreseen(Steps steps) {
        for (Steps.Step step : steps.all()) {
            data.say((step.puts() ? "send" : "remove") + "\t" + step.copy().at() + "\t"
                    + step.copy().lies().size() + " bytes");
        }
        data.say(Words.count(steps.all().size(), "address", "addresses"));
    }

    private void told(DeliveryRun.Outcome outcome) {
        data.say(to + "\trelease " + outcome.release() + "\t" + Words.count(outcome.objects(), "object") + "\t"
                + outcome.bytes() + " bytes\t" + outcome.removed() + " removed");
    }
}
