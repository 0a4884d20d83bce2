package venue.server.here;

import jakarta.servlet.http.HttpServletRequest;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.stereotype.Component;
import venue.server.signin.People;

/** Hands controllers whoever asks, with a second step where one is asked of everybody. */
@Component
class CallerResolver extends RequestResolver<Caller> {

    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Caller.class);
    }

    private final People people;

    CallerResolver(People people) {
        super(Caller.class);
        this.people = people;
    }

    @Override
    Caller of(HttpServletRequest request) {
        return new Caller(people.require(request.getUserPrincipal()), request.getRemoteAddr());
    }
}
