package nabe.server.formats;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.parameter.Related;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.property.Trigger;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.UUID;
import nabe.meal.MealPlan;
import nabe.meal.MealPlan.Bought;
import nabe.meal.MealTask;
import nabe.words.Messages;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A meal in open formats: the clock as a calendar, the shopping as a table and as text. */
public final class MealExport {
    private static final int ALARM_MINUTES = 2;

    private MealExport() {}

    /** @return RFC 5545, every task an event in local time with an alarm just before */
    public static String calendar(UUID meal, MealPlan plan) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Nabe//Meal//EN");
        for (MealTask task : plan.tasks()) {
            VEvent event = new VEvent();
            event.setUid(meal + "-" + task.id() + "@nabe");
            event.setSummary(task.words());
            event.setDescription(plan.title());
            event.setDateStart(new DateStart(at(task.from())));
            event.setDateEnd(new DateEnd(at(task.to())));
            Duration before =
                    Duration.builder().prior(true).minutes(ALARM_MINUTES).build();
            event.addAlarm(VAlarm.display(new Trigger(before, Related.START), task.words()));
            calendar.addEvent(event);
        }
        for (MealPlan.Heat heat : plan.heats()) {
            VEvent event = new VEvent();
            event.setUid(meal + "-oven" + heat.oven() + "-" + heat.at() + "@nabe");
            event.setSummary(heat.words());
            event.setDescription(plan.title());
            event.setDateStart(new DateStart(at(heat.at())));
            event.setDateEnd(new DateEnd(at(heat.by())));
            event.addAlarm(VAlarm.display(
                    new Trigger(Duration.builder().prior(true).minutes(0).build(), Related.START), heat.words()));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    /** The kitchen's own clock, in no zone. */
    private static ICalDate at(LocalDateTime time) {
        return new ICalDate(
                new DateTimeComponents(
                        time.getYear(),
                        time.getMonthValue(),
                        time.getDayOfMonth(),
                        time.getHour(),
                        time.getMinute(),
                        time.getSecond(),
                        false),
                true);
    }

    public static String csv(MealPlan plan) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("item", "buy", "grams", "check", "place", "packet")
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (Bought item : plan.shopping()) {
                Long grams = item.grams() == null ? null : Long.valueOf(Math.round(item.grams()));
                printer.printRecord(item.item(), item.buy(), grams, item.check(), item.place(), item.packet());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    public static String markdown(MealPlan plan) {
        StringBuilder text = new StringBuilder("# " + Messages.say("server.shopping-for", plan.title()) + "\n");
        String place = "";
        for (Bought item : plan.shopping()) {
            String here = item.pantry() ? Messages.say("server.from-the-cupboard") : item.place();
            text.append(here.equals(place) ? "" : "\n## " + here + "\n\n");
            place = here;
            text.append("- [ ] ").append(item.item()).append(": ").append(item.buy());
            text.append(item.packet() == null ? "" : " (" + item.packet() + ")");
            text.append(item.check() == null ? "" : ". " + item.check()).append("\n");
        }
        return text.append('\n')
                .append(Messages.say("server.read-every-packet-each-time"))
                .append('\n')
                .toString();
    }
}
