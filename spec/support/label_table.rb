# Scores the label reader against spec/reference/label_texts.txt.
module LabelTable
  module_function

  def rows(name = "label_texts")
    File
      .readlines(File.join(Reference::DIRECTORY, "#{name}.txt"), encoding: "UTF-8")
      .reject { |line| line.start_with?("#") }
      .map { |line| line.chomp.split(" | ", 3) }
  end
end
