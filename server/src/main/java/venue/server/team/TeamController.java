package venue.server.team;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.server.here.Caller;
import venue.server.mail.Mail;
import venue.store.answer.HookHosts;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.people.SignInRules;
import venue.store.people.Team;
import venue.store.workspace.Workspaces;

/** The people of the installation. Owners change; managers see those of their sites. */
@RestController
@RequestMapping("/api/people")
class TeamController {

    private final Team team;
    private final TeamMembers members;
    private final SignInRules rules;
    private final Credentials credentials;
    private final Workspaces workspaces;
    private final Mail mail;
    private final HookHosts hosts;

    TeamController(
            Team team,
            TeamMembers members,
            SignInRules rules,
            Credentials credentials,
            Workspaces workspaces,
            Mail mail,
            HookHosts hosts) {
        this.hosts = hosts;
        this.team = team;
        this.members = members;
        this.rules = rules;
        this.credentials = credentials;
        this.workspaces = workspaces;
        this.mail = mail;
    }

    /**
     * Everybody whom whoever asks may see, and what is asked of all.
     *
     * @param hosts that answers may be handed on to though they are this machine or stand in a private network; owners alone see them
     */
    record Members(List<TeamMember> people, boolean secondStepAsked, boolean mail, List<String> hosts) {}

    /** Whom to invite; {@code seats} is their role by site. */
    record Invite(String email, @Nullable String name, Map<SiteId, Role> seats, boolean owner) {}

    /**
     * A link that is told this once.
     *
     * @param sent whether it went by mail, too
     * @param trouble why it did not, where it was to
     */
    record LinkMade(String link, boolean sent, @Nullable String trouble) {}

    /** A role in a site; without one the person is taken away from it. */
    record NewSeat(SiteId site, @Nullable Role role) {}

    record NewOwner(boolean owner) {}

    record NewRules(boolean secondStepAsked) {}

    record BarredHost(String host) {}

    @GetMapping
    Members all(Caller caller) {
        return new Members(
                members.seenBy(caller),
                rules.asksSecondStep(),
                mail.isSetUp(),
                caller.person().owner() ? hosts.all() : List.of());
    }

    /** Invites somebody, or makes whoever has not come yet a new link. */
    @PostMapping("/invite")
    LinkMade invite(Caller caller, @RequestBody Invite asked) {
        caller.requireOwner("invite people");
        asked.seats().keySet().forEach(workspaces::require);
        if (asked.seats().isEmpty() && !asked.owner()) {
            throw Refusal.badInput(
                    "no-seat",
                    "seats",
                    "This person could do nothing here.",
                    "Give them a role in a site at least, or make them an owner.");
        }
        String name = asked.name() == null ? "" : asked.name();
        Team.Invited invited =
                team.invite(caller.by(), new Team.Invitation(asked.email(), name, asked.seats(), asked.owner()));
        String to = invited.person().email();
        String link = mail.link("-/come-in", invited.token());
        return sent(
                to,
                link,
                () -> mail.invite(to, asked.seats().keySet(), caller.person().called(), invited.token()));
    }

    /** A link by which somebody sets a new password. */
    @PostMapping("/{id}/password-link")
    LinkMade passwordLink(Caller caller, @PathVariable PersonId id) {
        caller.requireOwner("make a link for a new password");
        Person person = team.require(id);
        String token = credentials.forgotten(caller.by(), person);
        String link = mail.link("-/new-password", token);
        return sent(person.email(), link, () -> mail.forgotten(person, token));
    }

    /** A link that could not be sent can still be handed over. */
    private LinkMade sent(String to, String link, Runnable send) {
        if (!mail.isSetUp()) {
            return new LinkMade(link, false, null);
        }
        try {
            send.run();
            return new LinkMade(link, true, null);
        } catch (Refusal e) {
            return new LinkMade(link, false, "It could not be sent to " + to + ": " + e.getMessage());
        }
    }

    @PostMapping("/{id}/seat")
    void seat(Caller caller, @PathVariable PersonId id, @RequestBody NewSeat asked) {
        caller.requireOwner("change what people may do");
        workspaces.require(asked.site());
        if (asked.role() == null) {
            team.unseat(caller.by(), id, asked.site());
        } else {
            team.seat(caller.by(), id, asked.site(), asked.role());
        }
    }

    @PostMapping("/{id}/owner")
    void own(Caller caller, @PathVariable PersonId id, @RequestBody NewOwner asked) {
        caller.requireOwner("make owners");
        team.own(caller.by(), id, asked.owner());
    }

    /** Whether somebody may give of the sites they manage to all sites. */
    record MayGive(boolean may) {}

    @PostMapping("/{id}/give")
    void letGive(Caller caller, @PathVariable PersonId id, @RequestBody MayGive asked) {
        caller.requireOwner("say who gives to all sites");
        team.letGive(caller.by(), id, asked.may());
    }

    @PostMapping("/{id}/deactivate")
    void deactivate(Caller caller, @PathVariable PersonId id) {
        caller.requireOwner("deactivate people");
        team.deactivate(caller.by(), id);
    }

    @PostMapping("/{id}/bring-back")
    void bringBack(Caller caller, @PathVariable PersonId id) {
        caller.requireOwner("bring people back");
        team.bringBack(caller.by(), id);
    }

    @PostMapping("/{id}/erase")
    void erase(Caller caller, @PathVariable PersonId id) {
        caller.requireOwner("erase people");
        team.erase(caller.by(), id);
    }

    @PostMapping("/rules")
    void rules(Caller caller, @RequestBody NewRules asked) {
        caller.requireOwner("ask a second step of everybody");
        rules.askSecondStep(caller.by(), asked.secondStepAsked());
    }

    /** Answers are handed on to a host no longer where it is this machine or stands in a private network. */
    @PostMapping("/hosts/bar")
    void barHost(Caller caller, @RequestBody BarredHost asked) {
        caller.requireOwner("say where answers may be handed on to");
        hosts.allow(caller.by(), null, asked.host(), false);
    }

    /** A letter to oneself, to see whether mail works. */
    @PostMapping("/test-letter")
    void testLetter(Caller caller) {
        caller.requireOwner("send a test letter");
        if (!mail.isSetUp()) {
            throw Refusal.conflict(
                    "no-mail",
                    "mail",
                    "No mail is set up here.",
                    "Write its settings into venue.properties (see the README).");
        }
        mail.test(caller.person());
    }
}
