package gurukram.web.account;

import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.security.authentication.event.InteractiveAuthenticationSuccessEvent;
import org.springframework.stereotype.Component;

/** What has to be seen to now and then, without anybody asking. */
@Component
public class AccountCare {
    private final SignInBrake brake;
    private final SignInStore signIns;
    private final MailedSecretStore mailed;
    private final Sessions sessions;
    private final SecondFactor factor;
    private final Demo demo;
    private final HttpServletRequest request;

    /** @param request stands for the one of the moment */
    AccountCare(
            SignInBrake brake,
            SignInStore signIns,
            MailedSecretStore mailed,
            Sessions sessions,
            SecondFactor factor,
            Demo demo,
            HttpServletRequest request) {
        this.factor = factor;
        this.mailed = mailed;
        this.request = request;
        this.brake = brake;
        this.signIns = signIns;
        this.sessions = sessions;
        this.demo = demo;
    }

    /** At night, by one of several copies. */
    @Scheduled(cron = "0 17 4 * * *")
    @SchedulerLock(name = "forget old", lockAtLeastFor = "PT1H", lockAtMostFor = "PT2H")
    public void forgetOld() {
        brake.forgetOld();
        signIns.forgetOld();
        mailed.forgetOld();
    }

    @EventListener
    void signedIn(InteractiveAuthenticationSuccessEvent event) {
        Sessions.note(request);
        if (event.getAuthentication().getPrincipal() instanceof Teacher teacher)
            signIns.came(
                    teacher,
                    Sessions.browser(request.getHeader("User-Agent")),
                    factor.isOn(teacher) ? SignInStore.How.CODE : SignInStore.How.PASSWORD);
    }

    /** Where the demo is off now, who was in it is out. */
    @EventListener(ApplicationReadyEvent.class)
    void closeDemo() {
        if (!demo.isOn()) sessions.endAll(Demo.EMAIL);
    }
}
