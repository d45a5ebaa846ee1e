module Restauro
  # The Practice room: a dozen lessons, each one mistake.
  module PracticeRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/practice") do
        page :practice,
             room: "Practice",
             title: "Practice",
             lessons: Practice::Lesson.all,
             tally: services.practices.tally(learner),
             learner: learner,
             eaters: services.household.eaters
      end

      web.post("/practice/learner") do
        session[:learner] = FormText.clean(params["learner"]).strip[0, 60]
        redirect to("/practice"), 303
      end

      web.post("/practice") do
        lesson = Practice::Lesson.fetch(params["lesson"])
        redirect to("/practice/#{services.practices.start(browser_id, lesson.key, learner: learner)}"), 303
      end

      # The sauce on the bench, before it is cooked.
      web.post("/practice/own") do
        worked = SwapPage.new(draft_input, services)
        sauce = worked.swap && worked.family.grades.any?
        raise InvalidInput, worked.error || "only a sauce can be practised by itself: paste one in Swap" unless sauce

        row = Practice::Lesson.own_row(worked.recipe.title&.strip || "Your sauce", worked.swap)
        redirect to(
          "/practice/#{services.practices.start(browser_id, "own", learner: learner, own: JSON.parse(JSON.generate(row)))}"
        ),
                 303
      end

      web.get("/practice/:id") { lesson_page }

      web.post("/practice/:id") do
        guess = FormText.clean(params["guess"])[0, 80]
        services.practices.hold(practice_row.id) do
          PracticePage.new(practice_row, services).go_on(
            FormText.clean(params["do"])[0, 40],
            FormText.number(params["advance"]) || 0.0,
            guess.empty? ? nil : guess
          )
        end
        next redirect(to("/practice/#{params["id"]}"), 303) unless request.env["HTTP_X_RESTAURO_LIVE"]

        lesson_page
      rescue InvalidInput => e
        lesson_page(error: e.message)
      end
    end

    module Helpers
      def learner = session[:learner].to_s

      def practice_row
        id = params["id"].to_s
        raise NotFound, "there is no such lesson under way" unless id.match?(/\A\d{1,9}\z/)

        services
          .practices
          .fetch(id.to_i)
          .tap { |row| raise NotFound, "there is no such lesson under way" unless row.browser == browser_id }
      end

      def lesson_page(error: nil)
        lesson = PracticePage.new(practice_row, services)
        page :lesson, room: "Practice", title: lesson.lesson.title, lesson: lesson, error: error
      end
    end
  end
end
