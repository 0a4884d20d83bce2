package venue.server.answer;

import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.UriComponentsBuilder;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.server.here.Caller;
import venue.server.here.Here;
import venue.server.hook.Hooks;
import venue.store.answer.FormCalls;
import venue.store.answer.HookHosts;

/** One form: all that its screen shows. */
@RestController
@RequestMapping("/api/sites/{site}/forms/{id}")
class FormController {

    private static final int MOST_CALLS = 50;

    private final FormCalls calls;
    private final Hooks hooks;
    private final HookHosts hosts;
    private final InstantSource clock;

    FormController(FormCalls calls, Hooks hooks, HookHosts hosts, InstantSource clock) {
        this.hosts = hosts;
        this.calls = calls;
        this.hooks = hooks;
        this.clock = clock;
    }

    /**
     * A form.
     *
     * @param placed ids of the pages on which it stands
     */
    record FormDetail(
            String id,
            Hash revision,
            String name,
            boolean retired,
            List<FormField> fields,
            Map<String, Value> settings,
            List<String> placed) {}

    /**
     * Where answers are handed on.
     *
     * @param secret by which the other machine knows that they come from here
     * @param host the other machine's name; empty where they are handed on to nobody
     * @param allowed whether it is asked though it may be this machine or stand in a private network
     * @param calls the latest, the newest first
     */
    record FormHook(String secret, String host, boolean allowed, List<FormCalls.Called> calls) {}

    record HookHost(boolean allowed) {}

    @GetMapping("/hook")
    FormHook hook(Here here, @PathVariable String id) {
        here.requireManager("look at where answers are handed on");
        String host = host(here, id);
        return new FormHook(
                hooks.secret(here.site(), id), host, hosts.allows(host), calls.log(here.site(), id, MOST_CALLS));
    }

    private static String host(Here here, String id) {
        return Optional.ofNullable(here.working().require(Form.class, id).hook())
                .flatMap(a -> Optional.ofNullable(
                        UriComponentsBuilder.fromUriString(a).build().getHost()))
                .orElse("");
    }

    /** Whether the form's host is asked wherever it stands. */
    @PostMapping("/hook/host")
    FormHook allow(Here here, Caller caller, @PathVariable String id, @RequestBody HookHost asked) {
        caller.requireOwner("allow a host that is this machine or stands in a private network");
        String host = host(here, id);
        if (host.isEmpty()) {
            throw Refusal.badInput(
                    "no-host", "hook", "This form hands its answers on to nobody.", "Say to where first.");
        }
        hosts.allow(here.by(), here.site(), host, asked.allowed());
        return hook(here, id);
    }

    /** Tries what was not taken once more, from now on for a day. */
    @PostMapping("/hook/again")
    FormHook again(Here here, @PathVariable String id) {
        here.requireManager("hand answers on again");
        calls.again(here.site(), id, clock.instant());
        return hook(here, id);
    }

    @GetMapping
    FormDetail form(Here here, @PathVariable String id) {
        Form form = here.working().require(Form.class, id);
        return new FormDetail(
                id,
                here.now().hashOf(id),
                form.name(),
                form.retired(),
                form.fields(),
                form.settings(),
                FormUse.pages(here.working(), id));
    }
}
