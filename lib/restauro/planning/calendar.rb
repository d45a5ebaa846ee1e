# frozen_string_literal: true

module Restauro
  module Planning
    # A plan as iCalendar (RFC 5545), one event a task. The library that folds, escapes and knows time zones is loaded
    # only here.
    class Calendar
      # @param date [String] YYYY-MM-DD of the day to eat
      # @param zone [String] of the tz database
      # @raise [InvalidInput]
      def initialize(plan, date:, zone:)
        require "date"
        require "icalendar"
        require "icalendar/tzinfo"
        @plan = plan
        @date = Date.strptime(date.to_s, "%Y-%m-%d")
        @zone = TZInfo::Timezone.get(zone.to_s)
      rescue Date::Error
        raise InvalidInput, "the date is such as 2026-12-24, got '#{date.to_s[0, 20]}'"
      rescue TZInfo::InvalidTimezoneIdentifier
        raise InvalidInput, "no time zone '#{zone.to_s[0, 30]}'; type such as Europe/Lisbon"
      end

      # @return [String] CRLF lines, folded
      def to_ical
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Restauro//Table//EN"
        calendar.add_timezone(@zone.ical_timezone(local(@plan.start_at)))
        @plan.tasks.each_with_index { |task, index| calendar.add_event(event(task, index)) }
        calendar.publish
        calendar.to_ical
      end

      private

      def event(task, index)
        event = Icalendar::Event.new
        event.uid = "#{@date}-#{index}@restauro.invalid"
        event.dtstamp = Icalendar::Values::DateTime.new(local(@plan.start_at), "tzid" => "UTC")
        event.dtstart = at(task.from)
        event.dtend = at(task.to)
        event.summary = [task.dish, task.step.text[/\A.{1,60}/m]].compact.join(": ")
        event.description = task.step.text
        event
      end

      # The clock on the wall, whatever the law does to it that night.
      def local(minutes)
        days, left = minutes.divmod(1440)
        DateTime.new((@date + days).year, (@date + days).month, (@date + days).day, *left.divmod(60))
      end

      def at(minutes) = Icalendar::Values::DateTime.new(local(minutes), "tzid" => @zone.identifier)
    end
  end
end
